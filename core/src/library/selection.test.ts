import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { byDifficulty, expectedShare } from './difficulty.ts';
import { seeded } from '../random/seeded.ts';
import { select, type Candidate } from './selection.ts';

const candidate = (id: string, change: Partial<Candidate> = {}): Candidate => ({
  id,
  unfinished: false,
  played: false,
  playedByGroup: false,
  due: false,
  ...change,
});
const pool = [
  candidate('a'),
  candidate('b', { unfinished: true }),
  candidate('c', { played: true }),
  candidate('d', { played: true, playedByGroup: true }),
  candidate('e'),
];
const inOrder = { count: 9, shuffle: false } as const;

describe('taking questions by a rule', () => {
  test.each([
    ['always', ['a', 'c', 'd', 'e'], 0],
    ['notForGroup', ['a', 'c', 'e'], 1],
    ['never', ['a', 'e'], 2],
  ] as const)('played before, may come again: %s', (repeat, ids, repeated) => {
    const got = select({ ...inOrder, repeat }, pool, new Set(), Math.random);
    expect(got).toEqual({ ids, fitting: ids.length, unfinished: 1, repeated });
  });
  test('what the show has already is not taken again, and no more than asked for', () => {
    expect(select({ ...inOrder, count: 1, repeat: 'always' }, pool, new Set(['a']), Math.random)).toEqual({
      ids: ['c'],
      fitting: 3,
      unfinished: 1,
      repeated: 0,
    });
  });
  test('any draw: different questions, only fitting ones, the same for the same chance', () => {
    const many = Array.from({ length: 40 }, (_, i) => candidate(`q${i}`, { unfinished: i % 5 === 0 }));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.string(), (count, seed) => {
        const draw = () =>
          select({ count, shuffle: true, repeat: 'always' }, many, new Set(), seeded(seed)).ids;
        const ids = draw();
        expect(new Set(ids).size).toBe(Math.min(count, 32));
        expect(ids.every((id) => many.some((one) => one.id === id && !one.unfinished))).toBe(true);
        expect(draw()).toEqual(ids);
      }),
    );
  });
});

describe('difficulty', () => {
  const easy = { difficulty: 'easy' } as const;
  const hard = { difficulty: 'hard' } as const;
  test('measured counts the more, the more answers there are; without any the author is believed', () => {
    expect(expectedShare(easy, null)).toBe(0.85);
    expect(expectedShare(easy, { answers: 5, share: 0.25 })).toBeCloseTo(0.55);
    expect(expectedShare(easy, { answers: 200, share: 0.25 })).toBe(0.25);
  });
  test('the easiest first; what nobody missed stands before what its author called easy', () => {
    const known = { ...hard, share: 0.95 };
    const sorted = byDifficulty([hard, easy, known, { difficulty: null }], (one) =>
      'share' in one ? { answers: 50, share: one.share as number } : null,
    );
    expect(sorted).toEqual([known, easy, { difficulty: null }, hard]);
  });
});
