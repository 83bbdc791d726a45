import { describe, expect, test } from '@jest/globals';
import * as v from 'valibot';
import { blankQuestion, Question } from '../question/question.ts';
import { creditsOf } from '../question/credits.ts';
import { filesOf, mediaOf, renameFiles } from '../question/media.ts';
import { kindOf } from '../question/kinds/index.ts';
import { lacksOf } from '../question/asPlayed.ts';
import { Video } from './media.ts';
import { picture } from '../sitting/test/table.ts';

let n = 0;
const ids = () => `i${n++}`;
/** A question with something in every place that takes media. */
function full(): Question {
  const question = blankQuestion(ids);
  const options = ['', 'Flood'].map((text, i) => ({
    id: `o${i}`,
    text,
    picture: i === 0 ? { ...picture('shelf.flag-a', 'Ebb'), cutOf: null } : null,
  }));
  return {
    ...question,
    prompt: 'Which?',
    answer: { kind: 'choice', options, key: 'o0' },
    picture: picture('f1', 'A tide gauge'),
    sound: { file: 'f2', alt: 'A bell', credit: 'Jory', licence: '' },
    video: { file: null, link: 'https://video.example/tide.mp4', alt: 'The tide', credit: '', licence: '' },
    answerPicture: picture('f3', 'Ebb'),
    credit: 'Harbour office',
  };
}

test('everything to see and hear is found in the order in which it comes up', () => {
  expect(mediaOf(full()).map(({ place, at, media }) => [place, at, media.file])).toEqual([
    ['picture', 0, 'f1'],
    ['sound', 0, 'f2'],
    ['video', 0, null],
    ['option', 0, 'shelf.flag-a'],
    ['answerPicture', 0, 'f3'],
  ]);
  expect(filesOf(full())).toEqual(['f1', 'f2', 'f3']);
});

test('files are renamed wherever they stand, and nothing else', () => {
  const before = full();
  const after = renameFiles(
    before,
    new Map([
      ['f1', 'g1'],
      ['SECRETWORD-whole', 'g0'],
      ['shelf.flag-a', 'shelf.flag-b'],
    ]),
  );
  expect(filesOf(after)).toEqual(['g1', 'f2', 'f3']);
  expect(after.picture!.cutOf!.file).toBe('g0');
  expect(filesOf(before)).toEqual(['f1', 'f2', 'f3']);
  expect(renameFiles(before, new Map())).toEqual(before);
});

test('all are thanked once; where the key is secret only makers of what was seen are named', () => {
  const by = (told: boolean) =>
    creditsOf([full(), full()], () => told).map(({ what, credit }) => [what, credit]);
  expect(by(true)).toEqual([
    ['A tide gauge', 'Ansa'],
    ['A bell', 'Jory'],
    ['Ebb', 'Ansa'],
    ['', 'Harbour office'],
  ]);
  expect(by(false)).toEqual([
    ['', 'Ansa'],
    ['', 'Jory'],
  ]);
});

describe('a picture in place of words', () => {
  const content = full().answer;
  const { options, show, key, texts } = kindOf('choice');
  test('counts as a written option, under what is said of it', () => {
    expect(lacksOf(full())).toEqual([]);
    expect(options(content, [1, 0]).map((one) => [one.text, one.picture?.alt])).toEqual([
      ['Flood', undefined],
      ['', 'Ebb'],
    ]);
    expect([
      show(content, [1, 0], { option: 'o0' }).text,
      key(content, [1, 0]).texts,
      texts(content),
    ]).toEqual(['Ebb', ['Ebb'], ['Ebb', 'Flood']]);
  });
  test('lacks something while nothing is said of it, or the same as another option', () => {
    const with_ = (alt: string) => {
      const question = full();
      if (question.answer.kind === 'choice') question.answer.options[0]!.picture!.alt = alt;
      return lacksOf(question);
    };
    expect([with_(''), with_('flood'), with_('Slack')]).toEqual([['emptyOption'], ['equalOptions'], []]);
  });
  test('the whole of which it was cut is told to nobody', () => {
    const question = full();
    if (question.answer.kind === 'choice') question.answer.options[1]!.picture = picture('f9', 'x');
    expect(JSON.stringify(options(question.answer, [0, 1]))).not.toContain('SECRETWORD');
  });
});

test.each([
  ['', true],
  ['https://video.example/a.mp4', true],
  ['http://video.example/a.mp4', false],
  ['https://nowhere', false],
  ['javascript:alert(1)', false],
  ['https://a b.example/x', false],
])('the address of a video: %s', (link, good) => {
  const video = { file: null, link, alt: '', credit: '', licence: '' };
  expect(v.safeParse(Video, video).success).toBe(good);
});

test('a question from before there were pictures is still one', () => {
  const { picture: _, sound, video, answerPicture, readAloud, ...old } = blankQuestion(ids);
  expect([sound, video, answerPicture, readAloud]).toEqual([null, null, null, false]);
  expect(v.parse(Question, old)).toMatchObject({ picture: null, readAloud: false });
});
