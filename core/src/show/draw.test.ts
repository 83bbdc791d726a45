import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { drawTeams, type Draw } from './draw.ts';
import { isMadeName, makeName } from '../text/nameMaker.ts';
import { JoinRequest } from '../sitting/command.ts';
import { seeded } from '../random/seeded.ts';
import { readTable, readTeams, teamSheetHeader, toCsv, writeTeams } from '../interchange/index.ts';
import { Table, sampleShow, seatActor } from '../sitting/test/table.ts';

const people = (n: number) => Array.from({ length: n }, (_, i) => `P${i}`);
const teamsOf = (draw: Draw): string[][] => {
  if ('impossible' in draw) throw new Error(draw.impossible);
  return draw.teams;
};

describe('drawing teams', () => {
  test('any draw: everybody once, sizes differ by at most one, the same again for the same seed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 50 }),
        fc.integer({ min: 0, max: 120 }),
        fc.string(),
        (count, more, seed) => {
          const names = people(count + more);
          const teams = teamsOf(drawTeams(names, count, seed));
          expect(teams.flat().sort()).toEqual([...names].sort());
          const sizes = teams.map((team) => team.length);
          expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
          expect(teamsOf(drawTeams(names, count, seed))).toEqual(teams);
        },
      ),
    );
  });
  test('of known strength: never less even than by chance, wishes honoured, names that nobody knows in between', () => {
    const strong = fc.array(fc.option(fc.integer({ min: 0, max: 100 }), { nil: null }), {
      minLength: 6,
      maxLength: 24,
    });
    fc.assert(
      fc.property(strong, fc.integer({ min: 2, max: 5 }), fc.string(), (own, count, seed) => {
        const names = people(own.length);
        const strengths = new Map(
          own.flatMap((one, i): [string, number][] => (one === null ? [] : [[`p${i}`, one]])),
        );
        const wishes = { together: [['P0', 'P1']], apart: [['P2', 'P3']] };
        const draw = drawTeams(names, count, seed, wishes, strengths);
        const teams = teamsOf(draw);
        const chance = teamsOf(drawTeams(names, count, seed, wishes));
        expect(teams.flat().sort()).toEqual([...names].sort());
        expect(teams.map((team) => team.length)).toEqual(chance.map((team) => team.length));
        const of = (name: string) => teams.findIndex((team) => team.includes(name));
        expect(of('P0')).toBe(of('P1'));
        expect(of('P2')).not.toBe(of('P3'));
        if (strengths.size === 0) return expect('means' in draw && draw.means).toBe(null);
        const all = [...strengths.values()];
        const average = all.reduce((sum, one) => sum + one, 0) / all.length;
        const off = (lot: string[][]) =>
          lot.reduce((sum, team) => {
            const mean =
              team.reduce((s, n) => s + (strengths.get(n.toLowerCase()) ?? average), 0) / team.length;
            return sum + (mean - average) ** 2 * team.length;
          }, 0);
        expect(off(teams)).toBeLessThanOrEqual(off(chance) + 1e-6);
      }),
    );
    // Worked out by hand: of 1 … 8 two teams of four with the same sum can be had.
    const strengths = new Map(people(8).map((name, i) => [name, i + 1]));
    const even = drawTeams(people(8), 2, 'even', undefined, strengths);
    expect('means' in even && even.means).toEqual([4.5, 4.5]);
  });
  test('any wishes: honoured, or said to be impossible', () => {
    const group = fc
      .uniqueArray(fc.nat(23), { minLength: 2, maxLength: 4 })
      .map((list) => list.map((i) => `P${i}`));
    fc.assert(
      fc.property(
        fc.array(group, { maxLength: 4 }),
        fc.array(group, { maxLength: 4 }),
        fc.string(),
        (together, apart, seed) => {
          const draw = drawTeams(people(24), 5, seed, { together, apart });
          if ('impossible' in draw) return;
          const teamOf = (name: string) => draw.teams.findIndex((team) => team.includes(name));
          for (const wish of together) expect(new Set(wish.map(teamOf)).size).toBe(1);
          for (const wish of apart) expect(new Set(wish.map(teamOf)).size).toBe(wish.length);
        },
      ),
      { numRuns: 300 },
    );
  });
  test.each<[string, number, string[][], string[][], string, string[]]>([
    ['fewer names than teams', 9, [], [], 'tooFewNames', []],
    [
      'five together where four fit',
      2,
      [['P0', 'P1', 'p2', 'P3', 'P4']],
      [],
      'togetherTooMany',
      ['P0', 'P1', 'P2', 'P3', 'P4'],
    ],
    ['three apart in two teams', 2, [], [['P0', 'P1', 'P2']], 'apartTooMany', ['P0', 'P1', 'P2']],
    [
      'together by way of a third, and apart',
      3,
      [
        ['P0', 'P1'],
        ['P1', 'P2'],
      ],
      [['P2', 'P0']],
      'togetherAndApart',
      ['P2', 'P0'],
    ],
    [
      'blocks that leave no even room',
      2,
      [
        ['P0', 'P1', 'P2'],
        ['P3', 'P4', 'P5'],
      ],
      [
        ['P0', 'P6'],
        ['P3', 'P6'],
      ],
      'noWay',
      [],
    ],
    ['somebody who is not there', 2, [['P0', 'Nobody']], [['p1', 'None']], 'unknownName', ['Nobody', 'None']],
  ])('%s is said', (_name, count, together, apart, impossible, names) => {
    expect(drawTeams(people(8), count, 's', { together, apart })).toEqual({ impossible, names });
  });
});

describe('teams from a sheet', () => {
  let n = 0;
  const read = (text: string) => {
    const got = readTable(text);
    if ('trouble' in got) throw new Error(got.trouble);
    return readTeams(got.table, () => `t${n++}`);
  };
  test('every mistake is told at its row; what can be mended is taken', () => {
    const rows = read(
      [
        'Team;Weave;Members',
        'Bowline;twill, weld, ink;"Ansa, Jory"',
        ';;Nobody',
        'bowline;;',
        `${'Long'.repeat(11)};checked;Jory`,
        'Fairlead;gauze;Wenna',
      ].join('\n'),
    );
    expect(
      rows.map(({ line, dropped, problems }) => [line, dropped, problems.map((one) => one.code)]),
    ).toEqual([
      [2, false, []],
      [3, true, ['noName']],
      [4, true, ['nameTwice']],
      [5, false, ['nameTooLong', 'unknownWeave', 'memberTwice']],
      [6, false, []],
    ]);
    expect(rows[0]!.team).toMatchObject({
      name: 'Bowline',
      weave: { pattern: 'twill', warp: 'weld', weft: 'ink' },
      members: ['Ansa', 'Jory'],
    });
  });
  test('fifty is the most; a list without a header is names; what was saved is read back the same', () => {
    const rows = read(Array.from({ length: 52 }, (_, i) => `Crew ${i}`).join('\n'));
    expect(rows.filter((row) => !row.dropped)).toHaveLength(50);
    expect(rows.at(-1)!.problems).toEqual([{ code: 'tooManyTeams', text: 'Crew 51', line: 52 }]);
    const { teams } = sampleShow();
    teams[1]!.members = ['Ansa', 'Jory'];
    const again = read(toCsv([...teamSheetHeader], writeTeams(teams))).map((row) => row.team);
    expect(again.map(({ name, weave, members }) => ({ name, weave, members }))).toEqual(
      teams.map(({ name, weave, members }) => ({ name, weave, members })),
    );
  });
});

describe('at the doors', () => {
  const come = (table: Table, name: string, team = '') => {
    table.send({ type: 'takeSeat', seat: name.replace(/\W/g, ''), token: name, name, team }, seatActor(name));
    return table.state.seats.get(name.replace(/\W/g, ''))?.team ?? null;
  };
  test('whoever is listed as a member comes into that team, whatever was chosen; others are placed by the host', () => {
    const show = sampleShow();
    show.teams[2]!.members = ['Élowen'];
    show.doors = { ...show.doors, teams: 'listed', roster: ['Somebody'] };
    const table = new Table(show);
    expect(come(table, 'elowen', 't0')).toBe('t2');
    expect(come(table, 'Somebody', 't0')).toBe('');
    expect(come(table, 'A stranger')).toBeNull();
  });
  test('a handset that is not asked for a team sends none, and that is well formed', () => {
    expect(v.parse(JoinRequest, { name: ' Ansa ', team: '' })).toEqual({ name: 'Ansa', team: '' });
    expect(v.parse(JoinRequest, { name: 'Ansa' })).toEqual({ name: 'Ansa', team: '' });
  });
  test('where names are made up, only such are let in', () => {
    const show = sampleShow();
    show.doors = { ...show.doors, madeNames: true };
    const table = new Table(show);
    const random = seeded('names');
    for (let i = 0; i < 50; i++) expect(isMadeName(makeName(random))).toBe(true);
    expect(isMadeName('Brisk Heron 2')).toBe(true);
    expect(come(table, 'My own name', 't0')).toBeNull();
    expect(come(table, 'Brisk Heron', 't0')).toBe('t0');
  });
});
