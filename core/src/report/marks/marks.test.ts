import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Report } from '../report.ts';
import { findNames, matchPeople, namesIn } from './match.ts';
import { marksOf } from './marks.ts';
import { usualMarks, type MarkRule } from './rule.ts';
import { roundMark } from './scale.ts';

/** A report of these rows of signs; every question is worth its column's points. */
function reportOf(
  rows: string[],
  values: number[],
  scores: number[] = [],
  more: Partial<Report> = {},
): Report {
  return {
    knowers: rows.map((_, i) => ({
      id: `p${i}`,
      name: `P ${i}`,
      team: '',
      weave: null,
      share: null,
      score: scores[i] ?? 0,
    })),
    items: values.map((value, i) => ({ number: i + 1, value, counts: 'asPlayed' })),
    rows,
    parts: {},
    ...more,
  } as unknown as Report;
}
const rule = (more: Partial<MarkRule>): MarkRule => ({ ...usualMarks, ...more });
const marks = (report: Report, own: MarkRule, leftOut: number[] = []) =>
  marksOf(report, own, new Set(leftOut)).map(({ mark }) => mark);

describe('marks by a rule', () => {
  // Common practice: one to six by even steps, 1 + 5 · share, where four has passed at six tenths; and the other way round.
  test.each<[string, Partial<MarkRule>, (number | string | null)[]]>([
    ['percent', {}, [100, 75, 50, 25, 0]],
    [
      'up from 1 to 6',
      { scale: { kind: 'range', worst: 1, best: 6, pass: null }, digits: 1 },
      [6, 4.8, 3.5, 2.3, 1],
    ],
    [
      'down from 6 to 1',
      { scale: { kind: 'range', worst: 6, best: 1, pass: null }, digits: 2 },
      [1, 2.25, 3.5, 4.75, 6],
    ],
    [
      'passed with 4 at half',
      { scale: { kind: 'range', worst: 1, best: 6, pass: { mark: 4, percent: 50 } }, digits: 1 },
      [6, 5, 4, 2.5, 1],
    ],
    [
      'passed with everything alone',
      { scale: { kind: 'range', worst: 0, best: 20, pass: { mark: 20, percent: 100 } } },
      [20, 15, 10, 5, 0],
    ],
    [
      'letters in any order',
      {
        scale: {
          kind: 'letters',
          steps: [
            { name: 'C', from: 40 },
            { name: 'A', from: 75 },
            { name: 'F', from: 0 },
          ],
        },
      },
      ['A', 'A', 'C', 'F', 'F'],
    ],
  ])('%s', (_name, more, expected) => {
    const report = reportOf(['rrrr', 'rrrw', 'rrww', 'rwww', 'wwww'], [100, 100, 100, 100]);
    expect(marks(report, rule(more))).toEqual(expected);
  });

  test('what was not asked, dropped or left out is none of it; for all it is right; absent is empty or worst', () => {
    const report = reportOf(['ruwr', 'nnnn', 'uuuu', 'rwwp'], [100, 100, 100, 300], [], {
      parts: { '3 3': 0.5 },
    });
    expect(marks(report, rule({ digits: 1 }))).toEqual([66.7, null, null, 37.5]);
    expect(marks(report, rule({ weight: 'value' }))).toEqual([80, null, null, 42]);
    const down = { kind: 'range', worst: 6, best: 1, pass: null } as const;
    expect(marks(report, rule({ absent: 'worst', scale: down }), [3])).toEqual([1, 6, 6, 4]);
    const items = report.items.map((item, i) =>
      i === 0 ? { ...item, counts: 'nobody' } : i === 2 ? { ...item, counts: 'all' } : item,
    ) as Report['items'];
    expect(marks({ ...report, items }, rule({ digits: 1 }))).toEqual([100, null, null, 50]);
  });

  test('points as they are, or of what the best has; below zero there is no mark below the worst', () => {
    const report = reportOf(['r', 'r', 'w'], [100], [800, 400, -100]);
    expect(marks(report, rule({ from: 'points' }))).toEqual([800, 400, -100]);
    const scale = { kind: 'range', worst: 1, best: 6, pass: null } as const;
    expect(marks(report, rule({ from: 'points', scale, digits: 1 }))).toEqual([6, 3.5, 1]);
    expect(marks(report, rule({ from: 'points', scale, digits: 1, full: 1600 }))).toEqual([3.5, 2.3, 1]);
  });

  test('what is added for the first is shared by whoever shares a place, and is all given out', () => {
    const shares = fc.array(fc.constantFrom('rr', 'rw', 'ww', 'nn'), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(shares, fc.array(fc.integer({ min: 0, max: 20 }), { maxLength: 4 }), (rows, extra) => {
        const told = marksOf(reportOf(rows, [100, 100]), rule({ extra, digits: 2 }));
        const there = told.filter(({ raw }) => raw !== null);
        const sum = there.reduce((all, one) => all + one.extra, 0);
        const pot = extra.slice(0, there.length).reduce((all, one) => all + one, 0);
        expect(sum).toBeCloseTo(pot, 9);
        for (const a of there) for (const b of there) if (a.raw === b.raw) expect(a.extra).toBe(b.extra);
      }),
    );
  });

  test('half goes up, whatever floating point makes of it', () => {
    const nearest = { digits: 1, rounding: 'nearest' } as const;
    expect([2.25, 1.005, 4.35, -0.25].map((one) => roundMark(one, nearest))).toEqual([2.3, 1, 4.4, -0.3]);
    expect(roundMark(1.005, { digits: 2, rounding: 'nearest' })).toBe(1.01);
    expect([2.01, -2.01].map((one) => roundMark(one, { digits: 0, rounding: 'up' }))).toEqual([3, -2]);
    expect([2.99, -2.01].map((one) => roundMark(one, { digits: 0, rounding: 'down' }))).toEqual([2, -3]);
  });
});

describe('people found in a sheet of somebody', () => {
  const people = ['Ansa Kestle', 'Jory Penrose', 'Zoë Trewin', 'Li', 'Perran Hicks', 'Perran Hocking'].map(
    (name, i) => ({ id: `p${i}`, name }),
  );
  test.each<[string, string | null, boolean, number]>([
    ['Ansa Kestle', 'p0', true, 1],
    ['KESTLE, Ansa', 'p0', true, 1],
    ['  zoe   trewin ', 'p2', true, 1],
    ['Jory P.', 'p1', false, 1],
    ['J. Penrose', 'p1', false, 1],
    ['Penrose', 'p1', false, 1],
    ['Jory Penrsoe', null, false, 0],
    ['Jory Penros', 'p1', false, 1],
    // Two may be meant: that is for people to say.
    ['Perran H.', null, false, 2],
    ['Perran', null, false, 2],
    // Initials alone are nobody, and a short name is not found by a slip.
    ['A. K.', null, false, 0],
    ['Lo', null, false, 0],
    ['', null, false, 0],
    ['Somebody Else', null, false, 0],
  ])('%j', (name, person, isSure, candidates) => {
    const [match] = matchPeople([name], people);
    expect([match!.person, match!.isSure, match!.candidates.length]).toEqual([person, isSure, candidates]);
  });

  test('nobody is found twice: who is there under their name is not offered for a doubt, and twins are asked about', () => {
    const told = matchPeople(['Perran Hicks', 'Perran H.', 'Li', 'Li'], people);
    expect(told.map(({ person, isSure }) => [person, isSure])).toEqual([
      ['p4', true],
      ['p5', false],
      [null, false],
      [null, false],
    ]);
  });

  test('the names are found wherever they stand: in one column, or given and family name beside each other', () => {
    const whole = [
      ['No.', 'Class', 'Name', 'Mark'],
      ['1', '7B', 'Kestle, Ansa', ''],
      ['2', '7B', 'Penrose, Jory', ''],
    ];
    expect(findNames(whole, people)).toEqual({ columns: [2], found: 2 });
    const apart = [
      ['Family name', 'Given name'],
      ['Hicks', 'Perran'],
      ['Hocking', 'Perran'],
      ['Trewin', 'Zoe'],
    ];
    expect(findNames(apart, people)).toEqual({ columns: [0, 1], found: 3 });
    expect(namesIn(apart, [0, 1])[1]).toBe('Hicks Perran');
    expect(findNames([['a', 'b']], people)).toBeNull();
  });

  test('a thousand people in a wide sheet are found', () => {
    const many = Array.from({ length: 1000 }, (_, i) => ({ id: `p${i}`, name: `Given${i} Family${i % 97}` }));
    const wide = many.map(({ name }, i) => [...Array.from({ length: 30 }, (_, c) => `${i * c}`), name]);
    expect(findNames(wide, many)).toEqual({ columns: [30], found: 1000 });
  });
});
