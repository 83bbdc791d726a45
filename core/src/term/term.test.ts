import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import jStat from 'jstat';
import { tPoint, meanDifference } from '../report/figures/difference.ts';
import { marksOf } from '../report/marks/marks.ts';
import { usualMarks } from '../report/marks/rule.ts';
import { compare } from './compare.ts';
import type { Dated } from './digest.ts';
import { shareAt } from '../report/shareAt.ts';
import { dueBy, groupSummary, groupTerm } from './group.ts';
import { termMarks } from './marks.ts';
import { linkPeople } from './people.ts';
import { practiceDigest } from './practiceDigest.ts';
import { spacingOf } from './spaced.ts';
import type { Show } from '../show/show.ts';

const DAY = 24 * 3_600_000;

/** A game in which these people made this of these questions. */
function game(
  n: number,
  people: Record<string, string>,
  more: Partial<Dated> & { ids?: string[] } = {},
): Dated {
  const rows = Object.values(people);
  const { ids = [...(rows[0] ?? '')].map((_, i) => `q${i}`), ...rest } = more;
  return {
    kind: 'game',
    title: `Game ${n}`,
    group: '7B',
    at: n * DAY,
    by: 'people',
    sitting: `s${n}`,
    isAnonymous: false,
    knowers: Object.keys(people).map((name, i) => ({
      id: `k${i}`,
      name,
      team: '',
      share: null,
      score: 100 * n,
    })),
    items: ids.map((id, i) => ({
      number: i + 1,
      id,
      isKept: true,
      prompt: `Prompt of ${id}`,
      tags: i === 0 ? ['first'] : [],
      difficulty: null,
      value: 100,
      counts: 'asPlayed',
      seconds: null,
      lure: null,
    })),
    rows,
    parts: {},
    teams: [],
    ...rest,
  };
}

describe('the same people in many games', () => {
  test('by their very name, however it is written; initials and slips are doubts, until the host says', () => {
    const names = [['Ansa Kestle', 'Jory Penrose'], ['KESTLE, Ansa', 'Jory P.'], ['Zoë Trewin']];
    const list = ['Ansa Kestle', 'Jory Penrose', 'Zoe Trewin'];
    const { people, of, doubts } = linkPeople(names, list, []);
    expect(people.map(({ name, onList }) => [name, onList])).toEqual([
      ['Ansa Kestle', true],
      ['Jory Penrose', true],
      ['Zoe Trewin', true],
      ['Jory P.', false],
    ]);
    expect(of).toEqual([[0, 1], [0, 3], [2]]);
    expect(doubts.map(({ a, b }) => [a.name, b.name])).toEqual([['Jory Penrose', 'Jory P.']]);
    const [{ a, b }] = doubts as [(typeof doubts)[0]];
    const said = (same: boolean) => linkPeople(names, list, [{ a: b.key, b: a.key, same }]);
    expect(said(true)).toMatchObject({ of: [[0, 1], [0, 1], [2]], doubts: [] });
    expect(said(true).people[1]!.name).toBe('Jory Penrose');
    expect(said(false)).toMatchObject({ of: [[0, 1], [0, 3], [2]], doubts: [] });
  });

  test('who is there twice in one game is two, and nobody without a name is anybody', () => {
    const { of, doubts } = linkPeople([['Li', 'Li', ''], ['Li']], [], []);
    expect(of).toEqual([[0, 1, -1], [0]]);
    expect(doubts).toEqual([]);
  });

  test('whatever is said in whatever order, everybody is somebody, and nobody is two in a game', () => {
    const name = fc.constantFrom('Ansa Kestle', 'A. Kestle', 'Ansa', 'Jory Penrose', 'Jory P.', 'Li', '');
    const said = fc.record({ a: name, b: name, same: fc.boolean() });
    fc.assert(
      fc.property(fc.array(fc.array(name, { maxLength: 6 })), fc.array(said), (rows, say) => {
        const { people, of } = linkPeople(rows, [], say);
        of.forEach((row, g) => {
          const there = row.filter((i) => i >= 0);
          expect(new Set(there).size).toBe(there.length);
          row.forEach((i, k) => expect(i >= 0 ? people[i] !== undefined : rows[g]![k] === '').toBe(true));
        });
        expect(new Set(people.map(({ key }) => key)).size).toBe(people.length);
      }),
    );
  });
});

describe('what comes back after 1, 3, 7 and 21 days', () => {
  const at = (...plays: [number, number][]) =>
    spacingOf(plays.map(([day, share]) => ({ at: day * DAY, share })));
  test.each([
    ['never missed', [[0, 1]], null],
    ['missed', [[0, 0.2]], 1],
    [
      'known too early: no step on',
      [
        [0, 0.2],
        [0.5, 1],
      ],
      1,
    ],
    [
      'known when it was due',
      [
        [0, 0.2],
        [1, 1],
      ],
      4,
    ],
    [
      'and again',
      [
        [0, 0.2],
        [1, 1],
        [4, 0.9],
      ],
      11,
    ],
    [
      'missed again: from the start',
      [
        [0, 0.2],
        [1, 1],
        [4, 0.6],
      ],
      5,
    ],
    [
      'known to the end',
      [
        [0, 0],
        [1, 1],
        [4, 1],
        [11, 1],
        [32, 1],
      ],
      null,
    ],
    [
      'in any order',
      [
        [4, 1],
        [0, 0],
        [1, 1],
      ],
      11,
    ],
  ] as [string, [number, number][], number | null][])('%s', (_, plays, due) => {
    expect(at(...plays).due).toBe(due === null ? null : due * DAY);
  });
});

describe('a group over time', () => {
  const list = ['Ansa', 'Bram', 'Cuno'];
  const term = groupTerm(
    [
      game(2, { Bram: 'rr', Ansa: 'rw' }),
      game(1, { Ansa: 'ww', Bram: 'rw', Dora: 'nn' }),
      game(3, { Team: 'rw' }, { by: 'teams' }),
    ],
    list,
    [],
  );

  test('in the order of time; who was there, and what they showed; teams say nothing of people', () => {
    expect(term.games.map(({ sitting }) => sitting)).toEqual(['s1', 's2', 's3']);
    expect(term.people.map(({ name, attended, shares, share }) => [name, attended, shares, share])).toEqual([
      ['Ansa', 2, [0, 0.5, null], 0.25],
      ['Bram', 2, [0.5, 1, null], 0.75],
      ['Cuno', 0, [null, null, null], null],
      // Who came and said nothing was there, and showed nothing.
      ['Dora', 1, [null, null, null], null],
    ]);
    expect(term.tags).toMatchObject([{ tag: 'first', of: 6, shares: [1 / 3, 1, 1] }]);
  });

  test('in a few figures', () => {
    expect(groupSummary(term)).toMatchObject({ practices: 0, ownGames: 2, always: 2, last: null });
  });

  test('what was missed, how often, and when it should be asked again', () => {
    expect(term.missed).toMatchObject(
      [
        { id: 'q0', missed: 1, due: 5 * DAY },
        { id: 'q1', missed: 3, due: 4 * DAY },
      ].sort((a, b) => a.due - b.due),
    );
    expect(dueBy(term, 4.5 * DAY)).toEqual(['q1']);
  });

  test('every figure equals itself worked out naively', () => {
    const rows = fc.array(fc.stringMatching(/^[rwpnu]{3}$/), { minLength: 1, maxLength: 5 });
    fc.assert(
      fc.property(fc.array(rows, { minLength: 1, maxLength: 5 }), (all) => {
        const digests = all.map((own, n) =>
          game(n, Object.fromEntries(own.map((row, i) => [`P ${i}`, row])), {
            parts: Object.fromEntries(own.flatMap((_, r) => [0, 1, 2].map((c) => [`${r} ${c}`, 0.5]))),
          }),
        );
        const worth: Record<string, number[]> = { r: [1], w: [0], n: [0], p: [0.5], u: [] };
        for (const { name, share, of } of groupTerm(digests, [], []).people) {
          const cells = all.flatMap((own) => {
            const row = own[Number(name.slice(2))] ?? '';
            return /[rwp]/.test(row) ? [...row].flatMap((sign) => worth[sign]!) : [];
          });
          expect(of).toBe(cells.length);
          if (cells.length > 0)
            expect(share).toBeCloseTo(cells.reduce((sum, one) => sum + one) / cells.length, 9);
        }
        digests.forEach((digest) =>
          digest.rows.forEach((row, r) =>
            [...row].forEach((sign, c) => expect(shareAt(digest, r, c)).toBe(worth[sign]![0] ?? null)),
          ),
        );
      }),
    );
  });

  test('a practice is one of them: who finished nothing was not there', () => {
    const question = (id: string) => ({
      id,
      prompt: id,
      tags: [],
      difficulty: null,
      origin: { id: `lib-${id}`, version: 1 },
    });
    const show = { questions: { a: question('a'), b: question('b') } } as unknown as Show;
    const length = (id: string, share: number) => ({ question: id, share, again: false });
    const digest = practiceDigest({ title: 'P', group: '7B', show, at: 0 }, [
      { id: '1', name: 'Ansa', lengths: [length('b', 0.5)], score: 1, keeps: 0.8 },
      { id: '2', name: 'Bram', lengths: null, score: 0, keeps: 1 },
    ]);
    expect(digest).toMatchObject({
      rows: ['up'],
      parts: { '0 1': 0.5 },
      items: [{ id: 'lib-a' }, { id: 'lib-b' }],
    });
    expect(digest.knowers.map(({ name, share }) => [name, share])).toEqual([['Ansa', 0.5]]);
    // What was late counts less, and is known all the same.
    expect(marksOf(digest, usualMarks).map(({ raw }) => raw)).toEqual([expect.closeTo(40)]);
  });
});

describe('two of them side by side', () => {
  // M. Abramowitz, I. Stegun, “Handbook of Mathematical Functions”, table 26.10, the column of 0.95 in two tails.
  test.each([
    [5, 2.571],
    [10, 2.228],
    [20, 2.086],
    [60, 2.0],
    [120, 1.98],
  ])('t of %d degrees', (df, expected) => {
    expect(tPoint(df)).toBeCloseTo(expected, 2);
    expect(tPoint(df)).toBeCloseTo(jStat.studentt.inv(0.975, df), 2);
  });

  test('Welch’s interval is that of a statistics library, piece by piece', () => {
    const [first, second] = [
      [0.9, 0.7, 0.8, 0.6, 1, 0.75, 0.85],
      [0.5, 0.7, 0.4, 0.6, 0.3, 0.55],
    ];
    const [a, b] = [jStat.variance(first, true) / first.length, jStat.variance(second, true) / second.length];
    const df = (a + b) ** 2 / (a ** 2 / (first.length - 1) + b ** 2 / (second.length - 1));
    const half = jStat.studentt.inv(0.975, df) * Math.sqrt(a + b);
    const told = meanDifference({ first, second })!;
    expect(told.difference).toBeCloseTo(jStat.mean(first) - jStat.mean(second), 9);
    expect(told.high - told.difference).toBeCloseTo(half, 2);
  });

  const many = (signs: (i: number) => string) =>
    Object.fromEntries(Array.from({ length: 12 }, (_, i) => [`P ${i}`, signs(i)]));
  test('only questions that both were asked count; the same people are compared with themselves', () => {
    const before = game(
      1,
      many((i) => (i % 2 ? 'rwr' : 'wwr')),
      { ids: ['a', 'b', 'x'] },
    );
    const after = game(
      2,
      many((i) => (i % 3 ? 'rr' : 'wr')),
      { ids: ['b', 'a'] },
    );
    const told = compare([after], [before], []);
    expect(told).toMatchObject({ both: 12, people: { first: 12, second: 12 } });
    expect(told.questions.map(({ id }) => id).sort()).toEqual(['a', 'b']);
    expect(told.shares).toEqual({ first: expect.closeTo(10 / 12, 9), second: expect.closeTo(0.25, 9) });
    expect(told.difference!.low).toBeGreaterThan(0);
    const others = compare([after], [{ ...before, isAnonymous: true }], []);
    expect(others.both).toBe(0);
    expect(others.difference!.difference).toBeCloseTo(told.difference!.difference, 9);
  });

  test('of too few nothing is said, and of nothing in common neither', () => {
    const [few, other] = [game(1, { A: 'r', B: 'w' }), game(2, { C: 'w', D: 'r' })];
    expect(compare([few], [other], []).difference).toBeNull();
    expect(compare([few], [{ ...other, items: [], rows: ['', ''] }], [])).toMatchObject({
      questions: [],
      shares: { first: null, second: null },
    });
  });
});

describe('marks over several games', () => {
  const games = [game(1, { Ansa: 'rr', Bram: 'rw' }), game(2, { Ansa: 'ww' }), game(3, { Bram: 'rr' })];
  const marks = (several: 'best' | 'last' | 'mean', absent: 'empty' | 'worst', leftOut = {}) =>
    termMarks(games, ['Ansa', 'Bram', 'Cuno'], [], { ...usualMarks, absent }, several, leftOut).map(
      ({ mark }) => mark,
    );
  test.each([
    ['best', 'empty', [100, 100, null]],
    ['last', 'empty', [0, 100, null]],
    ['mean', 'empty', [50, 75, null]],
    // Absent counts as nothing of the marks.
    ['mean', 'worst', [33, 50, 0]],
    ['last', 'worst', [0, 100, 0]],
  ] as const)('%s, absent %s', (several, absent, expected) =>
    expect(marks(several, absent)).toEqual(expected),
  );
  test('a question left out of one game', () => {
    expect(marks('best', 'empty', { s3: [1, 2], s1: [2] })).toEqual([100, 100, null]);
    expect(marks('mean', 'empty', { s2: [1, 2] })).toEqual([100, 75, null]);
  });
});
