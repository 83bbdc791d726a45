import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isRefusal } from '../../refusal.ts';
import { checkShow } from '../../show/check/check.ts';
import type { Devices } from '../../show/devices.ts';
import type { Show } from '../../show/show.ts';
import { deskView } from '../../sitting/view/desk.ts';
import { seatView } from '../../sitting/view/seat.ts';
import { liveView } from '../../sitting/view/live.ts';
import { CLOCK, HOST, question, sampleShow, seatActor, Table } from '../../sitting/test/table.ts';
import { tally } from '../../rehearsal/tally.ts';
import { rulesWith, type RoundRules } from '../rules.ts';
import { due } from '../../sitting/decide/clock.ts';
import { blankClaim, type ClaimContent } from './content.ts';
import { linesOf, oneShort, rowOf } from './rows.ts';
import { WAIT } from './claim.ts';
import type { ClaimLive, ClaimView } from './view.ts';

function claimShow(
  content: Partial<ClaimContent> = {},
  rules: Partial<RoundRules> = {},
  devices: Partial<Devices> = {},
  questions = 9,
): Show {
  const ids = Array.from({ length: questions }, (_, i) => `q${i}`);
  const options = ['A', 'B', 'C', 'D'].map((text) => ({ id: text, text }));
  return {
    ...sampleShow(),
    devices: { mode: 'team', score: 'teams', combine: 'mean', ...devices },
    rounds: [
      {
        id: 'claim',
        format: 'claim',
        title: '',
        rules: rulesWith({ clock: null, shuffleOptions: false, afterWrong: 'close', ...rules }),
        content: {
          ...blankClaim(),
          items: ids.map((id) => ({ id, points: null })),
          ...{ rows: 3, columns: 3 },
          ...content,
        },
      },
    ],
    questions: Object.fromEntries(
      ids.map((id) => [id, question(id, `Ask ${id}`, { kind: 'choice', options, key: 'B' })]),
    ),
  };
}
const claiming = (...given: Parameters<typeof claimShow>) => new Table(claimShow(...given)).do('begin');
const view = (table: Table) => table.stage.round as ClaimView;
const owners = (table: Table) => view(table).squares.map(({ team }) => team);
/** The team in turn takes on a square; nobody is right unless it is. */
function takeOn(table: Table, square: number, right = true): Table {
  const seat = `s${table.state.turn.slice(1)}`;
  table.do({ type: 'choose', ref: `${square}` }, 'pose', 'open');
  table.pick(seat, right ? 'B' : 'A');
  return table.do('showKey', 'settle', 'leave');
}
/** A ruling on the question that was played last but `n`. */
const rule = (table: Table, n: number, verdict: 'right' | 'wrong', team: string) =>
  table.do({ type: 'rule', play: table.state.played.at(-1 - n)!.play, team, verdict });

describe('rows', () => {
  const grid = fc
    .tuple(fc.integer({ min: 3, max: 8 }), fc.integer({ min: 3, max: 8 }))
    .chain(([rows, columns]) =>
      fc.record({
        rows: fc.constant(rows),
        columns: fc.constant(columns),
        owners: fc.array(fc.constantFrom(null, 0, 1), {
          minLength: rows * columns,
          maxLength: rows * columns,
        }),
      }),
    );
  test('are those that a search through every square and direction finds', () => {
    fc.assert(
      fc.property(grid, fc.integer({ min: 3, max: 5 }), ({ rows, columns, owners: own }, length) => {
        const at = (r: number, c: number) =>
          r < 0 || c < 0 || r >= rows || c >= columns ? null : own[r * columns + c];
        const bySearch = (group: number) =>
          own.some((_, i) =>
            [-1, 0, 1].some((down) =>
              [-1, 0, 1].some(
                (right) =>
                  (down !== 0 || right !== 0) &&
                  Array.from({ length }, (_s, k) =>
                    at(Math.floor(i / columns) + down * k, (i % columns) + right * k),
                  ).every((owner) => owner === group),
              ),
            ),
          );
        const lines = linesOf({ rows, columns }, length);
        for (const group of [0, 1]) expect(rowOf(own, lines, group) !== null).toBe(bySearch(group));
        // One short is whoever would have a row with one square more.
        const bySquare = [0, 1].filter(
          (group) =>
            !bySearch(group) &&
            own.some(
              (owner, i) =>
                owner === null &&
                rowOf(
                  own.map((one, j) => (j === i ? group : one)),
                  lines,
                  group,
                ),
            ),
        );
        const short = oneShort(
          own,
          lines,
          own.map((_, i) => i),
        );
        expect(bySquare.filter((group) => !short.has(group))).toEqual([]);
        // Each square told for it does complete one.
        for (const [group, squares] of short)
          for (const square of squares) {
            const then = own.map((one, i) => (i === square ? group : one));
            expect([own[square], rowOf(then, lines, group) !== null]).toEqual([null, true]);
          }
      }),
    );
  });
  test('25 squares have 48 rows of three (common practice: 5 × 5, three in a row)', () => {
    const { rows, columns, inARow, groups } = blankClaim();
    // Three places for each row of five: across, down, and three times three on each diagonal.
    expect([rows * columns, inARow, groups, linesOf({ rows, columns }, inARow).length]).toEqual([
      25,
      3,
      4,
      15 + 15 + 9 + 9,
    ]);
  });
});

describe('claim', () => {
  test('a right answer takes the square, a miss the turn; three in a row end the round and win it', () => {
    const table = claiming();
    takeOn(table, 0);
    takeOn(table, 4, false);
    expect(owners(table)).toEqual(['t0', ...Array<null>(8).fill(null)]);
    takeOn(table, 8);
    takeOn(table, 1);
    expect(view(table).groups.map(({ completing }) => completing)).toEqual([[2], [], [], []]);
    takeOn(table, 4);
    takeOn(table, 7);
    takeOn(table, 2);
    expect(view(table).won).toEqual({ groups: [0], squares: [0, 1, 2] });
    expect(table.stage.won).toMatchObject([{ teams: ['t0'] }]);
    expect(isRefusal(table.send({ type: 'choose', ref: '3' }))).toBe(true);
  });

  test('a ruling that is changed later changes the square, and with it who has won', () => {
    const table = claiming();
    for (const [square, right] of [
      [0, true],
      [3, true],
      [8, false],
      [1, true],
      [4, true],
      [6, true],
      [2, false],
      [5, true],
    ] as const)
      takeOn(table, square, right);
    expect(view(table).won).toEqual({ groups: [1], squares: [3, 4, 5] });
    // Team 0 was right with its third after all, and had its row before.
    rule(table, 1, 'right', 't0');
    expect(view(table).won).toEqual({ groups: [0], squares: [0, 1, 2] });
    rule(table, 4, 'wrong', 't0');
    expect([view(table).won, owners(table)[1]]).toEqual([{ groups: [1], squares: [3, 4, 5] }, null]);
    table.do('takeBack', 'takeBack', 'forward');
    expect(view(table).won?.groups).toEqual([0]);
  });

  test('the host gives a square to another team, or to nobody: who has won follows, and is taken back', () => {
    const table = claiming();
    for (const square of [0, 3, 1, 4, 2]) takeOn(table, square);
    expect(view(table).won?.groups).not.toEqual([1]);
    const own = (square: number, team: string | null) =>
      table.send({ type: 'act', act: { do: 'own', square, team } });
    const before = owners(table);
    expect(isRefusal(own(1, before[1]!))).toBe(true);
    expect(isRefusal(own(99, 't0'))).toBe(true);
    own(1, 't1');
    expect(owners(table)[1]).toBe('t1');
    own(1, null);
    expect(owners(table)[1]).toBeNull();
    // Free again, it can be taken on.
    takeOn(table, 1);
    table.do('takeBack');
    own(1, 't0');
    table.do('close');
    expect(tally(table.sitting.log, table.state.scores).agrees).toBe(true);
    const act = { do: 'own', square: 0, team: 't2' };
    const byPhone = claiming();
    takeOn(byPhone, 0);
    expect(isRefusal(byPhone.send({ type: 'act', act }, seatActor('s0')))).toBe(true);
  });

  test('a full board without a row goes to whoever has most; what nobody got has another question', () => {
    const table = claiming({ inARow: 8 }, {}, {}, 11);
    const seen: string[] = [];
    for (let i = 0; i < 9; i++) {
      takeOn(table, i, i !== 4);
      seen.push(table.state.played.at(-1)!.question);
    }
    takeOn(table, 4);
    expect(new Set([...seen, table.state.played.at(-1)!.question]).size).toBe(10);
    expect(view(table).won).toEqual({ groups: [0], squares: null });
  });

  test('a square is blocked for whoever missed it, but never all that are left', () => {
    const table = claiming({ miss: 'block', rows: 3, columns: 3 }, { turns: 'winner' }, {}, 3);
    takeOn(table, 0, false);
    table.do({ type: 'giveTurn', team: 't0' });
    expect(isRefusal(table.send({ type: 'choose', ref: '0' }))).toBe(true);
    expect(view(table).squares[0]!.blocked).toEqual([0]);
    takeOn(table, 1, true);
    takeOn(table, 2, true);
    // Only the blocked one is left: it is open again.
    expect(view(table).squares[0]!.blocked).toEqual([]);
    takeOn(table, 0);
    expect(owners(table).slice(0, 3)).toEqual(['t0', 't0', 't0']);
  });

  test('more teams than groups are dealt into them, and share what they win; phones choose for whoever is on', () => {
    const show = claimShow({ groups: 2 });
    const table = new Table(show).do('begin');
    expect(view(table).groups.map(({ teams }) => teams)).toEqual([['t0', 't2'], ['t1']]);
    const choose = { type: 'choose', ref: '4' } as const;
    expect(isRefusal(table.send(choose, seatActor('s1')))).toBe(true);
    expect(isRefusal(table.send(choose, seatActor('s0')))).toBe(false);
    table.do('pose', 'open');
    table.pick('s0', 'B');
    table.do('showKey', 'settle', 'leave');
    expect(view(table).groups.map(({ squares }) => squares)).toEqual([1, 0]);
  });

  test('who came when the groups were dealt already is of one as soon as it is their square', () => {
    const late = (then: (table: Table) => void) => {
      const table = new Table(
        claimShow({ groups: 2 }, { afterWrong: 'handOn' }, { mode: 'each', score: 'players' }),
      ).do('begin');
      for (const id of ['late', 'later'])
        table.send({ type: 'takeSeat', seat: id, name: id, token: id, team: '' }, seatActor(id));
      then(table);
      return view(table);
    };
    const ruled = late((table) => {
      table.do({ type: 'choose', ref: '0' }, 'pose', 'open');
      while (table.state.question!.floor !== 'later') table.do('lock', 'handOn');
      table.do({ type: 'rule', team: 'later', verdict: 'right' }, 'showKey', 'settle');
    });
    const given = late((table) => table.do({ type: 'act', act: { do: 'own', square: 0, team: 'later' } }));
    for (const { squares, groups } of [ruled, given]) {
      expect(groups[squares[0]!.group ?? -1]?.teams).toContain('later');
      expect(groups.map(({ squares: n }) => n).sort()).toEqual([0, 1]);
    }
  });

  test('of a team with a phone each most decide what is chosen, if it is set so; the host may at any time', () => {
    const seats = ['s0', 'a', 'b', 'c'];
    const begun = (present = (_seat: string) => true) => {
      const table = new Table(claimShow({}, { chosenBy: 'most' }, { mode: 'each' }));
      for (const id of seats.slice(1))
        table.send({ type: 'takeSeat', seat: id, name: id, token: id, team: 't0' }, seatActor(id));
      table.present = present;
      return table.do('begin');
    };
    const want = (table: Table, seat: string, square: number) =>
      table.send({ type: 'choose', ref: `${square}` }, seatActor(seat));
    const chosen = (table: Table) => table.state.question?.ref ?? null;
    const table = begun();
    want(table, 's0', 4);
    want(table, 'a', 4);
    want(table, 'b', 7);
    expect([chosen(table), table.stage.wishes, seatView(table.state, 'b')!.wish]).toEqual([
      null,
      {
        counts: [
          { ref: '4', count: 2 },
          { ref: '7', count: 1 },
        ],
        of: 4,
      },
      '7',
    ]);
    expect(isRefusal(want(table, 'a', 4))).toBe(true);
    expect(isRefusal(want(table, 's1', 4))).toBe(true);
    // Level when all have spoken: somebody has to give in.
    want(table, 'c', 7);
    expect(chosen(table)).toBeNull();
    want(table, 'b', 4);
    expect([chosen(table), table.stage.wishes]).toEqual(['4', null]);
    // Taken back, what they wished before stands, and whoever was the last to wish may do so again.
    table.do('takeBack');
    expect(chosen(table)).toBeNull();
    want(table, 'b', 4);
    expect(chosen(table)).toBe('4');
    // More than half of those who are there are enough; the host waits for nobody.
    const few = begun((id) => id !== 'b' && id !== 'c');
    want(few, 's0', 2);
    expect(chosen(few)).toBeNull();
    want(few, 'a', 2);
    expect(chosen(few)).toBe('2');
    const host = begun();
    want(host, 's0', 1);
    host.do({ type: 'choose', ref: '5' });
    expect(chosen(host)).toBe('5');
  });

  test('the check says what is missing', () => {
    const codes = (content: Partial<ClaimContent>, n = 9) =>
      checkShow(claimShow(content, {}, {}, n), {}).map(({ code }) => code);
    expect(
      codes({ topics: Object.fromEntries(Array.from({ length: 9 }, (_, i) => [`q${i}`, 'x'])) }),
    ).not.toContain('topicsMissing');
    expect(codes({ topics: { q0: 'Tides' } })).toContain('topicsMissing');
    expect(codes({ inARow: 4 })).toContain('rowTooLong');
    expect(codes({}, 5)).toContain('tooFewForSquares');
  });
});

describe('all at once', () => {
  const opened = () => claiming({ open: true }).do('start');
  const take = (table: Table, team: number, square: number) =>
    table.send({ type: 'choose', ref: `${square}` }, seatActor(`s${team}`));
  const say = (table: Table, team: number, right: boolean) => {
    const { play, order } = table.state.asked.get(`t${team}`)!;
    // Slots are laid out for each: the key is the option with the letter B.
    const slot = order.indexOf(right ? 1 : 0);
    return table.send({ type: 'answer', play, answer: { slot } }, seatActor(`s${team}`));
  };
  const live = (table: Table) => liveView(table.state) as ClaimLive;

  test('each is on a square of its own; of two on one the first right one has it, the other chooses anew', () => {
    const table = opened();
    expect(seatView(table.state, 's0')!.asked).toBeNull();
    for (const [team, square] of [
      [0, 4],
      [1, 4],
      [2, 8],
    ] as const)
      expect(isRefusal(take(table, team, square))).toBe(false);
    expect(isRefusal(take(table, 0, 3))).toBe(true);
    expect(live(table).on.map(({ square }) => square)).toEqual([4, 4, 8]);
    expect(seatView(table.state, 's1')!.asked).toMatchObject({ number: 5 });
    say(table, 0, true);
    expect([owners(table)[4], live(table).on]).toEqual(['t0', [{ team: 't2', square: 8 }]]);
    expect(seatView(table.state, 's1')!.asked).toBeNull();
    expect(isRefusal(take(table, 1, 4))).toBe(true);
    expect(isRefusal(take(table, 1, 0))).toBe(false);
    // The host gives the first one the question again: the square is free, whoever else chose anew stays there.
    table.do({ type: 'askAgain', to: 't0' });
    expect([owners(table)[4], live(table).on.find(({ team }) => team === 't1')?.square]).toEqual([null, 0]);
  });

  test('a miss makes a group wait, a row ends it for all', () => {
    const table = opened();
    take(table, 1, 5);
    say(table, 1, false);
    expect(isRefusal(take(table, 1, 5))).toBe(true);
    table.now += WAIT;
    expect(isRefusal(take(table, 1, 5))).toBe(false);
    for (const square of [0, 1, 2]) {
      take(table, 0, square);
      say(table, 0, true);
    }
    expect(due(table.state)).not.toBeNull();
    table.now = due(table.state)!;
    table.send({ type: 'timeUp' }, CLOCK);
    expect([table.state.round!.ended, view(table).won, table.state.asked.size]).toEqual([
      'goal',
      { groups: [0], squares: [0, 1, 2] },
      0,
    ]);
  });

  test('what no phone can answer is judged at the desk', () => {
    const show = claimShow({ open: true });
    show.questions.q4 = question('q4', 'Say it', { kind: 'aloud', key: 'B' });
    const table = new Table(show).do('begin', 'start');
    take(table, 0, 3);
    expect(deskView(table.state).private.alone!.aloud).toBeNull();
    take(table, 1, 4);
    const [one] = deskView(table.state).private.alone!.aloud!;
    expect(one).toMatchObject({ team: 't1', question: { prompt: 'Say it' } });
    table.do({ type: 'rule', play: one!.play, team: 't1', verdict: 'right' });
    expect(owners(table)[4]).toBe('t1');
  });

  test('without phones the host chooses for a team, and rules', () => {
    const table = claiming({ open: true }, {}, { mode: 'none' }).do('start');
    table.do({ type: 'choose', ref: '3', team: 't2' });
    const { play } = table.state.asked.get('t2')!;
    table.send({ type: 'rule', play, team: 't2', verdict: 'right' }, HOST);
    expect(owners(table)[3]).toBe('t2');
  });
});
