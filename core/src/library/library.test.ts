import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { blankQuestion } from '../question/question.ts';
import { changeQuestion } from './change.ts';
import { foundIn, likeness, trigrams } from './similar.ts';
import { nearestWord } from './spelling.ts';
import { searchText, wordsOf } from './searchText.ts';

describe('likeness of prompts', () => {
  test('Sørensen–Dice by hand: "night" and "nacht" share two padded triples of twelve', () => {
    // "  night " and "  nacht ": triples "  n", " n?", … "ht " – six each; "  n" and "ht " are shared.
    expect(likeness(trigrams('night'), trigrams('nacht'))).toBeCloseTo((2 * 2) / 12);
  });
  test.each([
    ['What is a neap tide?', 'what is a NEAP tide', 1, 1],
    ['What is a **neap** tide?', 'What is a neap tide?', 1, 1],
    ['Port', 'Starboard', 0, 0.35],
  ])('%j and %j', (a, b, from, to) => {
    const found = likeness(trigrams(a), trigrams(b));
    expect(found >= from && found <= to).toBe(true);
  });
  test('symmetric, within 0 … 1, and 1 with itself; a beginning is found in its whole', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (a, b) => {
        const [one, two] = [trigrams(a), trigrams(b)];
        expect(likeness(one, two)).toBe(likeness(two, one));
        expect(likeness(one, two)).toBeLessThanOrEqual(1);
        expect(likeness(one, trigrams(a))).toBe(1);
      }),
    );
    expect(
      foundIn(trigrams('What is the tide with'), trigrams('What is the tide with the smallest range?')),
    ).toBeGreaterThan(0.9);
  });
});

test.each([
  ['kittywake', 'kittiwake'],
  ['kitiwake', 'kittiwake'],
  ['tydes', 'tides'],
  ['xyzzy', null],
  ['neap', null],
])('the known word nearest to %s is %s', (word, expected) => {
  expect(nearestWord(word, ['kittiwake', 'tides', 'seabird', 'xy'])).toBe(expected);
});

test('a question is found by prompt, options, key and tags, folded and without marks', () => {
  const question = {
    ...blankQuestion(() => 'q'),
    prompt: 'Où est le **café**?\n- ici',
    answer: { kind: 'aloud' as const, key: 'C++ $x^2$' },
    tags: ['Côte d’Azur'],
  };
  expect(wordsOf(searchText(question))).toEqual([
    'ou',
    'est',
    'le',
    'cafe',
    'ici',
    'c++',
    'x',
    '2',
    'cote',
    'd',
    'azur',
  ]);
});

test('a change touches what it names; tags come once whatever their case', () => {
  const question = { ...blankQuestion(() => 'q'), tags: ['Tides'], clock: 10, credit: 'kept' };
  expect(changeQuestion(question, { addTag: 'tides' }).tags).toEqual(['Tides']);
  expect(changeQuestion(question, { addTag: 'new', dropTag: 'TIDES' }).tags).toEqual(['new']);
  expect(changeQuestion(question, { clock: null })).toEqual({ ...question, clock: null });
});
