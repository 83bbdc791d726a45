import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { weaveAt } from '../../show/weave.ts';
import { rank } from '../../rank/standings.ts';
import type { Dated } from '../digest.ts';
import { usualLeague, type LeagueRule } from './rule.ts';
import { formOf, headToHead, leagueTable } from './table.ts';

/** A game with these scores. */
function game(n: number, scores: Record<string, number>): Dated {
  const teams = rank(Object.entries(scores), ([, score]) => [score]).map(
    ({ item: [name, score], place }) => ({
      name,
      score,
      place,
      weave: weaveAt(place),
    }),
  );
  return {
    kind: 'game',
    sitting: `g${n}`,
    at: n,
    title: `Game ${n}`,
    isAnonymous: false,
    teams,
  } as unknown as Dated;
}
const table = (games: readonly Partial<Record<string, number>>[], rule: Partial<LeagueRule> = {}) =>
  leagueTable(
    games.map((scores, n) => game(n, scores as Record<string, number>)),
    { ...usualLeague, ...rule },
    [],
  );
const told = (of: ReturnType<typeof table>) =>
  of.rows.map(({ name, points, place }) => [name, points, place]);

describe('a league', () => {
  const season = [
    { Kelp: 500, Buoy: 400, Sound: 400 },
    { Kelp: 100, Buoy: 300, Sound: 200 },
    { Buoy: 100, Sound: 900 },
  ];
  test('points by place: equals have the same, and the next place is left out', () => {
    expect(told(table(season))).toEqual([
      ['Buoy', 26, 1],
      ['Sound', 26, 1],
      ['Kelp', 16, 3],
    ]);
  });
  test('by score, and both together', () => {
    expect(told(table(season, { from: 'score' }))).toEqual([
      ['Sound', 15, 1],
      ['Buoy', 8, 2],
      ['Kelp', 6, 3],
    ]);
    expect(told(table(season, { from: 'both', perHundred: 2 }))[0]).toEqual(['Sound', 56, 1]);
  });
  test.each([
    // Between the two: Buoy was ahead once, Sound once.
    ['headToHead', 1, 1],
    // One first place each, but Buoy has the better seconds.
    ['places', 1, 1],
    ['last', 2, 1],
  ] as const)('a tie by %s', (ties, buoy, sound) => {
    const { rows } = table(season, { ties });
    const placeOf = (name: string) => rows.find((one) => one.name === name)!.place;
    expect([placeOf('Buoy'), placeOf('Sound')]).toEqual([buoy, sound]);
  });
  test('a tie by better places: one with a first comes before one without', () => {
    const games = [
      { A: 3, B: 2, C: 1 },
      { C: 3, B: 2, A: 1 },
    ];
    const byPlace = [6, 4, 2];
    expect(told(table(games, { byPlace })).map(([, , place]) => place)).toEqual([1, 1, 1]);
    expect(told(table(games, { byPlace, ties: 'places' }))).toEqual([
      ['A', 8, 1],
      ['C', 8, 1],
      ['B', 8, 3],
    ]);
  });
  test('the worst are left out: a game that was missed is the worst', () => {
    const { rows } = table(season, { drop: 1 });
    const kelp = rows.find(({ name }) => name === 'Kelp')!;
    expect([kelp.points, kelp.results.map((one) => one?.isDropped ?? null)]).toEqual([
      16,
      [false, false, null],
    ]);
    const buoy = rows.find(({ name }) => name === 'Buoy')!;
    expect([buoy.points, buoy.results.map((one) => one?.isDropped)]).toEqual([18, [true, false, false]]);
    // Something always counts.
    expect(table(season, { drop: 9 }).rows.every(({ points }) => points > 0)).toBe(true);
  });
  test('change since the last game, form, and one against one', () => {
    const { rows } = table(season);
    const of = (name: string) => rows.find((one) => one.name === name)!;
    // Before the last: Buoy 18, Kelp 16, Sound 16.
    expect(['Buoy', 'Sound', 'Kelp'].map((name) => of(name).change)).toEqual([0, 1, -1]);
    expect(formOf(of('Kelp'))).toEqual([1, 3, null]);
    expect(headToHead(of('Buoy'), of('Sound'))).toEqual({ ahead: 1, behind: 1, equal: 1 });
    expect(table([{ A: 1 }]).rows[0]!.change).toBeNull();
  });
  test('the table adds up, in whatever order games come; one against one is the same from both sides', () => {
    const name = fc.constantFrom('A', 'B', 'C', 'D');
    const scores = fc.dictionary(name, fc.integer({ min: -300, max: 900 }), { minKeys: 1 });
    const rules = fc.record({
      from: fc.constantFrom('place', 'score', 'both'),
      drop: fc.nat(3),
      ties: fc.constantFrom('shared', 'headToHead', 'places', 'last'),
    });
    fc.assert(
      fc.property(fc.array(scores, { minLength: 1, maxLength: 8 }), rules, (games, rule) => {
        const { rows } = table(games, rule as Partial<LeagueRule>);
        for (const row of rows) {
          const sum = row.results.reduce((all, one) => all + (one && !one.isDropped ? one.points : 0), 0);
          expect(row.points).toBeCloseTo(sum, 6);
          expect(rows.filter(({ points }) => points > row.points).length).toBeLessThan(row.place);
          for (const other of rows) {
            const [one, two] = [headToHead(row, other), headToHead(other, row)];
            expect([one.ahead, one.behind, one.equal]).toEqual([two.behind, two.ahead, two.equal]);
          }
        }
        const back = leagueTable(
          games.map((own, n) => game(n, own)).reverse(),
          { ...usualLeague, ...(rule as Partial<LeagueRule>) },
          [],
        );
        expect(back.rows.map(({ key, place }) => [key, place]).sort()).toEqual(
          rows.map(({ key, place }) => [key, place]).sort(),
        );
      }),
    );
  });
});
