import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import jstat from 'jstat';
import type { AnswerContent, StoredAnswer } from '../kinds/index.ts';
import { outcomeOf } from './outcome.ts';
import { ranked } from './ranked.ts';
import { onScale } from './scale.ts';
import { inWords } from './words.ts';

const options = ['a', 'b', 'c', 'd'].map((id) => ({ id, text: id }));
const opinion = (pick?: 'several' | 'ranked'): AnswerContent => ({
  kind: 'opinion',
  options,
  ...(pick ? { pick } : {}),
});
const scale: AnswerContent = { kind: 'scale', steps: 7, from: 1, low: '', high: '' };
const beside = { groups: new Map<string, string>() };

test.each<[string, AnswerContent, StoredAnswer[], number[] | null, object]>([
  [
    'nobody answered',
    opinion(),
    [],
    null,
    { of: 0, rows: [0, 0, 0, 0].map(() => ({ count: 0, percent: 0 })) },
  ],
  [
    'thirds add up to a hundred',
    opinion(),
    ['a', 'b', 'c'].map((option) => ({ option })),
    null,
    { of: 3, rows: [34, 33, 33, 0].map((percent) => ({ count: percent > 0 ? 1 : 0, percent })) },
  ],
  [
    'of several, shares of those who answered',
    opinion('several'),
    [{ options: ['a', 'b'] }, { options: ['a'] }, { options: ['a', 'c'] }],
    null,
    {
      of: 3,
      several: true,
      rows: [
        [3, 100],
        [1, 33],
        [1, 33],
        [0, 0],
      ].map(([count, percent]) => ({ count, percent })),
    },
  ],
  [
    'hands stand for answers',
    opinion(),
    [{ option: 'd' }],
    [1, 3, 0, 0],
    {
      of: 4,
      rows: [
        [1, 25],
        [3, 75],
        [0, 0],
        [0, 0],
      ].map(([count, percent]) => ({ count, percent })),
    },
  ],
  [
    'of hands for several nobody knows of how many they are',
    opinion('several'),
    [],
    [5, 9, 0, 2],
    { rows: [5, 9, 0, 2].map((count) => ({ count, percent: null })) },
  ],
  ['hands on a scale', scale, [], [0, 0, 1, 0, 0, 0, 1], { of: 2, mean: 5, deviation: 2 }],
  [
    'hands for what is put first',
    opinion('ranked'),
    [],
    [2, 5, 0, 2],
    { rows: expect.arrayContaining([{ option: 1, place: 1, points: null, first: 5 }]) as unknown },
  ],
])('%s', (_, content, answers, hands, expected) => {
  expect(outcomeOf(content, answers, { ...beside, hands })).toMatchObject(expected);
});

test('what has a key, or no answer, comes to nothing together', () => {
  expect(outcomeOf({ kind: 'card' }, [])).toBeNull();
  expect(outcomeOf({ kind: 'choice', options, key: 'a' }, [{ option: 'a' }])).toBeNull();
});

describe('a scale', () => {
  const counts = fc.array(fc.nat(30), { minLength: 3, maxLength: 11 });
  test('mean and deviation are those of a statistics library, percentages add to 100, the middle is the shortest', () => {
    fc.assert(
      fc.property(counts, fc.constantFrom(0, 1), (given, from) => {
        const all = given.flatMap((count, i) => Array.from({ length: count }, () => i + from));
        const { mean, deviation, percents, middle, of } = onScale(given, from);
        expect(of).toBe(all.length);
        if (all.length === 0) return expect([mean, deviation, middle]).toEqual([null, null, null]);
        expect(mean).toBeCloseTo(jstat.mean(all), 9);
        expect(deviation).toBeCloseTo(jstat.stdev(all), 9);
        expect(percents.reduce((sum, one) => sum + one, 0)).toBe(100);
        const held = (a: number, b: number) => all.filter((one) => one >= a && one <= b).length;
        const { from: low, to: high, more } = middle!;
        expect(held(low, high) * 2).toBeGreaterThanOrEqual(all.length);
        expect(more).toBe(held(low, high) * 2 > all.length);
        // No shorter run of neighbours holds half, and none as long holds more.
        for (let at = from; at < given.length + from; at++) {
          expect(held(at, at + high - low - 1) * 2).toBeLessThan(all.length);
          expect(held(at, at + high - low)).toBeLessThanOrEqual(held(low, high));
        }
      }),
    );
  });
});

describe('an order of many', () => {
  /** The choice of a capital, a worked example of the literature on voting; from memory. Points there go from n − 1 to 0. */
  test('adds up as in the worked example of the Borda count', () => {
    const [memphis, nashville, chattanooga, knoxville] = [0, 1, 2, 3];
    const voters: [number, number[]][] = [
      [42, [memphis!, nashville!, chattanooga!, knoxville!]],
      [26, [nashville!, chattanooga!, knoxville!, memphis!]],
      [15, [chattanooga!, knoxville!, nashville!, memphis!]],
      [17, [knoxville!, chattanooga!, nashville!, memphis!]],
    ];
    const orders = voters.flatMap(([count, order]) => Array.from({ length: count }, () => order));
    expect(ranked(4, orders).rows.map(({ option, points }) => [option, points! - 100])).toEqual([
      [nashville, 194],
      [chattanooga, 173],
      [memphis, 126],
      [knoxville, 107],
    ]);
  });

  test('points of all are those of one order times the people; equals share a place', () => {
    const order = fc.shuffledSubarray([0, 1, 2, 3, 4], { minLength: 5 });
    fc.assert(
      fc.property(fc.array(order, { minLength: 1, maxLength: 20 }), (orders) => {
        const { rows, of } = ranked(5, orders);
        expect(rows.reduce((sum, one) => sum + one.points!, 0)).toBe(15 * of);
        expect(rows.reduce((sum, one) => sum + one.first, 0)).toBe(of);
        for (const one of rows)
          expect(one.place).toBe(rows.filter((other) => other.points! > one.points!).length + 1);
      }),
    );
  });
});

test('own words that say the same are one slip, wherever the host puts them', () => {
  const texts = ['The cold', 'the cold!', 'THE  COLD', 'Seasickness', 'the dark', 'مرض البحر'];
  const said = inWords(
    texts,
    new Map([
      ['the cold', 'Weather'],
      ['مرض البحر', 'Body'],
    ]),
  );
  expect(said).toMatchObject({
    of: 6,
    groups: [
      { name: 'Weather', count: 3, slips: [{ text: 'The cold', count: 3 }] },
      { name: 'Body', count: 1 },
    ],
    loose: [
      { text: 'Seasickness', count: 1 },
      { text: 'the dark', count: 1 },
    ],
  });
  const inGroups = said.groups.reduce((sum, { count }) => sum + count, 0);
  expect(inGroups + said.loose.reduce((sum, { count }) => sum + count, 0)).toBe(said.of);
});
