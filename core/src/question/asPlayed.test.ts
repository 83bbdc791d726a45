import { describe, expect, test } from '@jest/globals';
import { seeded } from '../random/seeded.ts';
import { printed } from '../library/sheet.ts';
import { writeItem } from '../interchange/qti/writeItem.ts';
import { reviewQuestion } from '../review/reviewQuestion.ts';
import type { LoggedEvent } from '../sitting/events.ts';
import { fold } from '../sitting/sitting.ts';
import { stageView } from '../sitting/view/stage.ts';
import { openDoors } from '../sitting/openDoors.ts';
import { previewStage, showAround } from '../preview/preview.ts';
import { asPlayed, lacksOf } from './asPlayed.ts';
import { kindOf } from './kinds/index.ts';
import { blankQuestion, type Question } from './question.ts';

let n = 0;
const newId = () => `id${n++}`;
const options = (...texts: string[]) => texts.map((text, i) => ({ id: `o${i}`, text }));
const asked = (answer: Question['answer']): Question => ({
  ...blankQuestion(newId),
  prompt: 'Which?',
  answer,
});

describe('an option that nobody wrote is no option', () => {
  test.each<[string, Question['answer'], string[], string[]]>([
    [
      'three of four',
      { kind: 'choice', options: options('a', 'b', 'c', ''), key: 'o0' },
      ['a', 'b', 'c'],
      [],
    ],
    ['one in the middle', { kind: 'choice', options: options('a', ' ', 'c'), key: 'o2' }, ['a', 'c'], []],
    [
      'the key itself',
      { kind: 'choice', options: options('a', 'b', ''), key: 'o2' },
      ['a', 'b', ''],
      ['emptyOption'],
    ],
    [
      'too few left',
      { kind: 'choice', options: options('a', '', ''), key: 'o0' },
      ['a', '', ''],
      ['emptyOption'],
    ],
    [
      'one of several keys',
      { kind: 'many', options: options('a', 'b', ''), keys: ['o0', 'o2'], marking: 'all' },
      ['a', 'b', ''],
      ['emptyOption'],
    ],
    ['things in order', { kind: 'order', options: options('a', 'b', ''), marking: 'all' }, ['a', 'b'], []],
    ['an opinion', { kind: 'opinion', options: options('yes', 'no', '', '') }, ['yes', 'no'], []],
  ])('%s', (_, answer, left, lacks) => {
    const question = asked(answer);
    const { options } = asPlayed(question).answer as { options: { text: string }[] };
    expect(options.map(({ text }) => text)).toEqual(left);
    expect(lacksOf(question)).toEqual(lacks);
  });

  test('it is on no screen, paper or file', () => {
    const question = asked({ kind: 'choice', options: options('ebb', '', 'flood'), key: 'o2' });
    const { show, ref } = showAround(question, 'Show');
    const opened = openDoors(show, 'CCCCC', 'c', 0, { role: 'host', id: 'h' });
    const frozen = (opened.type === 'doorsOpened' && opened.show.questions[question.id]!) as Question;
    const { layOut, options: shown } = kindOf('choice');
    expect(shown(frozen.answer, layOut(frozen.answer, seeded('s'), true))).toHaveLength(2);
    expect(previewStage(show, ref, question, 'open').question?.options).toHaveLength(2);
    expect(printed([question], false)[0]!.options).toHaveLength(2);
    const item = writeItem(question, 'i', '3.0', () => ({ path: '', type: '' }));
    expect(item.match(/<qti-simple-choice /g)).toHaveLength(2);
  });

  test('it does not hide that all others are right', () => {
    const all = asked({ kind: 'many', options: options('a', 'b', ''), keys: ['o0', 'o1'], marking: 'all' });
    expect(reviewQuestion(all, '2026-01-01').map(({ code }) => code)).toContain('allRight');
  });

  test('a log of an earlier version has as much to play as it had', () => {
    const question = asked({ kind: 'choice', options: options('ebb', 'flood', ''), key: 'o0' });
    const { show, ref } = showAround(question, 'Show');
    const actor = { role: 'host', id: 'h' } as const;
    const cell = (first: LoggedEvent) => {
      const begins = { type: 'roundBegan', round: 0, turn: '', seq: 2, at: 0, actor, command: 'b' } as const;
      const view = stageView(fold([first, begins])).round;
      return view?.format === 'board'
        ? view.rows.flatMap((row) => row.cells).find(({ id }) => id === ref)
        : null;
    };
    const now = openDoors(show, 'CCCCC', 'c', 0, actor);
    expect(cell(now)?.state).toBe('open');
    expect(cell({ ...now, show } as LoggedEvent)?.state).not.toBe('open');
  });
});
