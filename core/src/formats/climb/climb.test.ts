import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { isRefusal } from '../../refusal.ts';
import { checkShow } from '../../show/check/check.ts';
import type { Devices } from '../../show/devices.ts';
import type { Show } from '../../show/show.ts';
import { due } from '../../sitting/decide/clock.ts';
import { scoreOf } from '../../sitting/ledger.ts';
import { deskView } from '../../sitting/view/desk.ts';
import { seatView } from '../../sitting/view/seat.ts';
import { CLOCK, HOST, question, sampleShow, seatActor, Table } from '../../sitting/test/table.ts';
import { rulesWith, type RoundRules } from '../rules.ts';
import { blankClimb, type ClimbContent } from './content.ts';
import { reached, restBelow, worthOf, type Attempt } from './attempt.ts';
import { groupsOf } from './groups.ts';
import type { ClimbView } from './climb.ts';

const RUNGS = [10, 20, 40, 80, 160];
function climbShow(
  content: Partial<ClimbContent> = {},
  devices: Partial<Devices> = {},
  rules: Partial<RoundRules> = {},
): Show {
  const ids = Array.from({ length: 10 }, (_, i) => `q${i}`);
  const options = ['A', 'B', 'C', 'D'].map((text) => ({ id: text, text }));
  return {
    ...sampleShow(),
    devices: { mode: 'team', score: 'teams', combine: 'mean', ...devices },
    rounds: [
      {
        id: 'climb',
        format: 'climb',
        title: '',
        rules: rulesWith({ clock: 60, shuffleOptions: false, ...rules }),
        content: {
          ...blankClimb(),
          items: ids.map((id) => ({ id, points: null })),
          rungs: RUNGS,
          rests: [2],
          climbs: 6,
          attempts: 2,
          ...content,
        },
      },
    ],
    questions: Object.fromEntries(
      ids.map((id) => [id, question(id, `Ask ${id}`, { kind: 'choice', options, key: 'B' })]),
    ),
  };
}
const act = (what: object) => ({ type: 'act', act: what }) as const;
function climbing(...given: Parameters<typeof climbShow>): Table {
  const table = new Table(climbShow(...given));
  table.do('begin', act({ do: 'climber', team: 't0' }));
  return table;
}
const view = (table: Table) => table.stage.round as ClimbView;
const open = (table: Table) => {
  const { command } = deskView(table.state).private.next;
  table.do(command!, 'pose', 'open');
  return table;
};
/** Plays the rung that is next, right or wrong. */
function rung(table: Table, right = true, seat = 's0'): Table {
  open(table).pick(seat, right ? 'B' : 'A');
  return table.do('showKey', 'settle', 'leave');
}
const score = (table: Table, team = 't0') => table.state.scores.get(team) ?? 0;

describe('a climb', () => {
  test('brings nothing on the way; stopping keeps the rung, a miss the rest below, the top all of it', () => {
    const stopped = rung(rung(rung(climbing())));
    expect([score(stopped), view(stopped).on]).toEqual([
      0,
      { team: 't0', reached: 3, stop: 40, miss: 20, ready: false },
    ]);
    stopped.do(act({ do: 'stop' }));
    expect(score(stopped)).toBe(40);
    expect(score(rung(rung(rung(rung(climbing()))), false))).toBe(20);
    expect(score(rung(rung(climbing()), false))).toBe(0);
    const top = RUNGS.reduce((table) => rung(table), climbing());
    expect([score(top), view(top).done]).toEqual([160, [{ team: 't0', reached: 5, worth: 160, end: 'top' }]]);
  });

  test('the fastest is the first who is right, whoever of its team missed before, and has climbs left', () => {
    const table = climbing({ attempts: 1 }, { mode: 'each', combine: 'first' });
    table.send({ type: 'takeSeat', seat: 's3', token: 'x3', name: 'Player 3', team: 't1' }, seatActor('s3'));
    table.do(act({ do: 'stop' }), act({ do: 'fastest' }));
    open(table);
    for (const [seat, right] of [
      ['s0', true],
      ['s3', false],
      ['s2', true],
      ['s1', true],
    ] as const) {
      table.now += 500;
      expect(isRefusal(table.pick(seat, right ? 'B' : 'C'))).toBe(false);
    }
    table.do('showKey', 'settle');
    // Of team 1 s3 was first, but wrong: s2 is right before its second, and team 0 has had its climb.
    expect(view(table).on?.team).toBe('t2');
  });
  test('is one’s own: others cannot act, the next is chosen, drawn or the fastest to be right, as often as allowed', () => {
    const table = climbing();
    expect(isRefusal(table.send(act({ do: 'stop' }), seatActor('s1')))).toBe(true);
    table.do(act({ do: 'stop' }));
    table.random = () => 0.5;
    table.do(act({ do: 'draw' }));
    expect(table.sitting.log.findLast((one) => one.type === 'acted')!.act).toEqual({
      do: 'draw',
      team: 't1',
      among: 3,
    });
    table.do(act({ do: 'stop' }), act({ do: 'fastest' }));
    open(table);
    expect(table.state.question!.mode).toBe('everyone');
    table.now += 500;
    table.pick('s2', 'B');
    table.now += 500;
    table.pick('s0', 'B');
    table.pick('s1', 'A');
    table.do('showKey', 'settle', 'leave');
    expect([view(table).on!.team, table.state.turn, score(table, 't2')]).toEqual(['t2', 't2', 0]);
    table.do(act({ do: 'stop' }), act({ do: 'climber', team: 't0' }), act({ do: 'stop' }));
    expect(isRefusal(table.send(act({ do: 'climber', team: 't0' })))).toBe(true);
    expect(view(table).exhausted).toEqual(['t0']);
  });

  test('ruled right later it goes on; where somebody else has set out since, it counts as stopped there', () => {
    const table = rung(rung(rung(climbing())), false);
    const { play } = table.state.played.at(-1)!;
    expect(score(table)).toBe(20);
    table.do({ type: 'rule', team: 't0', verdict: 'right', play });
    expect([score(table), view(table).on!.reached]).toEqual([0, 3]);
    table.do({ type: 'rule', team: 't0', verdict: 'wrong', play }, act({ do: 'climber', team: 't1' }));
    table.do({ type: 'rule', team: 't0', verdict: 'right', play });
    expect([score(table), view(table).on!.team]).toEqual([40, 't1']);
  });

  test('never pays above its rung: whatever happens, the ledger says what its rungs are worth', () => {
    const move = fc.constantFrom('right', 'right', 'right', 'wrong', 'stop', 'again', 'back', 'later');
    fc.assert(
      fc.property(
        fc.array(move, { maxLength: 25 }),
        fc.uniqueArray(fc.integer({ min: 1, max: 5 })),
        (moves, rests) => {
          const table = climbing({ rests, climbs: 50, attempts: 9 });
          for (const what of moves) {
            const on = view(table).on;
            if (what === 'again' && !on) table.send(act({ do: 'draw' }));
            else if (what === 'back' && table.state.steps.length > 2) table.send({ type: 'takeBack' });
            else if (what === 'stop') table.send(act({ do: 'stop' }));
            else if (what === 'later') {
              const last = table.state.played.at(-1);
              if (last)
                table.send({
                  type: 'rule',
                  team: last.floor!,
                  verdict: last.winner ? 'wrong' : 'right',
                  play: last.play,
                });
            } else if (on && !table.state.question) rung(table, what === 'right', `s${on.team[1]}`);
          }
          const worth = new Map<string, number>();
          for (const one of view(table).done) {
            expect(one.worth).toBeLessThanOrEqual(one.reached === 0 ? 0 : RUNGS[one.reached - 1]!);
            worth.set(one.team, (worth.get(one.team) ?? 0) + one.worth);
          }
          for (const { id } of table.state.teams) {
            expect(score(table, id)).toBe(worth.get(id) ?? 0);
            expect(score(table, id)).toBe(scoreOf(table.state.ledger, id));
          }
        },
      ),
      { numRuns: 150 },
    );
  });

  test('fifteen rungs, three assists, each once (common practice); too few questions are found', () => {
    const { rungs, assists } = blankClimb();
    expect([rungs.length, assists]).toEqual([15, { thin: 1, voice: 1, room: 1 }]);
    expect(rungs).toEqual([...rungs].sort((a, b) => a - b));
    expect(checkShow(climbShow({ rungs, rests: [16] }), {}).map(({ code }) => code)).toEqual(
      expect.arrayContaining(['tooFewForRungs', 'restsAbove']),
    );
  });
});

describe('help on the way', () => {
  test('thinned out, the key and one wrong option are left, which is drawn; once', () => {
    const left = new Map<string, number>();
    for (let n = 0; n < 300; n++) {
      const table = open(climbing());
      table.random = Math.random;
      table.do(act({ do: 'thin' }));
      const out = table.stage.question!.ruledOut;
      const options = table.stage
        .question!.options!.map(({ text }) => text)
        .filter((_, i) => !out.includes(i));
      expect([options.length, options.includes('B')]).toEqual([2, true]);
      const wrong = options.find((text) => text !== 'B')!;
      left.set(wrong, (left.get(wrong) ?? 0) + 1);
      expect(isRefusal(table.send(act({ do: 'thin' })))).toBe(true);
      const gone = table.stage.question!.options![out[0]!]!.text;
      expect(isRefusal(table.pick('s0', gone))).toBe(true);
    }
    expect([...left.keys()].sort()).toEqual(['A', 'C', 'D']);
  });

  test('a second voice is asked of one, while the clock stands still; then it goes on where it stood', () => {
    const table = open(climbing());
    table.now += 20_000;
    table.do(act({ do: 'voice', who: 't1' }));
    expect(isRefusal(table.send({ type: 'lock' }))).toBe(true);
    expect(isRefusal(table.pick('s0', 'B'))).toBe(true);
    expect(isRefusal(table.pick('s2', 'B'))).toBe(true);
    expect(seatView(table.state, 's1')!.advises).toEqual({ said: null });
    expect(seatView(table.state, 's2')!.advises).toBeNull();
    table.now += 25_000;
    table.pick('s1', 'C');
    const { advice, clock, tries } = table.stage.question!;
    expect([advice[0]!.over, advice[0]!.pick!.text, tries]).toEqual([true, 'C', []]);
    expect(clock).toEqual({ deadline: table.now + 40_000 });
    table.pick('s0', 'B');
    table.do('showKey', 'settle');
    expect([view(table).on!.reached, table.state.played.length]).toEqual([1, 0]);
  });

  test('where each has a phone a team may be asked: whoever of it speaks first has spoken for it', () => {
    const table = open(climbing({}, { mode: 'each' }));
    table.send({ type: 'takeSeat', seat: 's9', token: 'x9', name: 'Ninth', team: 't1' }, seatActor('s9'));
    expect(isRefusal(table.send(act({ do: 'voice', who: 't0' }), seatActor('s0')))).toBe(true);
    table.send(act({ do: 'voice', who: 't1' }), seatActor('s0'));
    expect([seatView(table.state, 's1')!.advises, seatView(table.state, 's2')!.advises]).toEqual([
      { said: null },
      null,
    ]);
    table.pick('s9', 'D');
    expect(table.stage.question!.advice[0]).toMatchObject({
      over: true,
      from: 'Fairlead',
      pick: { text: 'D' },
    });
  });

  test('the room votes, each once, until all have or their time is up: percentages add up to 100', () => {
    const table = open(climbing());
    table.do(act({ do: 'room' }));
    table.pick('s1', 'A');
    expect(isRefusal(table.pick('s1', 'B'))).toBe(true);
    expect(table.stage.question!.advice[0]).toMatchObject({ said: 1, among: 2, over: false, percents: null });
    table.now = due(table.state)!;
    table.send({ type: 'timeUp' }, CLOCK);
    expect(table.stage.question!.advice[0]!.percents).toEqual([100, 0, 0, 0]);
    // What others think is no answer: nothing is ruled on it.
    expect(table.state.question!.responses).toEqual([]);
  });

  test('who is alone has nobody to ask, and keeps the help', () => {
    const table = open(climbing({}, { mode: 'each' }));
    for (const seat of ['s1', 's2']) table.do({ type: 'removeSeat', seat });
    for (const help of [{ do: 'room' }, { do: 'voice', who: 't1' }])
      expect(table.send(act(help), seatActor('s0'))).toMatchObject({ refused: 'notNow' });
    expect(view(table).assists.map(({ left }) => left)).toEqual([1, 1, 1]);
  });

  test('without phones hands are counted at the desk', () => {
    const table = open(climbing({}, { mode: 'none' }));
    table.do(act({ do: 'room' }));
    expect(deskView(table.state).private.next.code).toBe('countHands');
    expect(isRefusal(table.send({ type: 'countAdvice', counts: [1, 2] }))).toBe(true);
    table.do({ type: 'countAdvice', counts: [3, 9, 1, 4] });
    const { percents } = table.stage.question!.advice[0]!;
    expect([percents, percents!.reduce((sum, one) => sum + one, 0)]).toEqual([[18, 53, 6, 23], 100]);
  });

  test('taken back, help can be asked for again', () => {
    const table = open(climbing());
    table.do(act({ do: 'thin' }), 'takeBack');
    expect(table.stage.question!.ruledOut).toEqual([]);
    expect(isRefusal(table.send(act({ do: 'thin' }), HOST))).toBe(false);
  });
});

test('questions are dealt out to rungs in order, to each its share', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 20 }), (count, rungs) => {
      const ids = Array.from({ length: count }, (_, i) => `${i}`);
      const groups = groupsOf(ids, rungs);
      expect(groups.flat()).toEqual(ids);
      const sizes = groups.map((one) => one.length);
      expect(Math.max(...sizes) - Math.min(...sizes)).toBeLessThanOrEqual(1);
    }),
  );
});

test('what a climb is worth, by a table', () => {
  const attempt = (rungs: string, stopped = false): Attempt => ({
    team: 't',
    rungs: [...rungs].map((one, play) => ({ play, right: one === '+' })),
    stopped,
    used: [],
  });
  const worth = (rungs: string, stopped?: boolean) => worthOf(attempt(rungs, stopped), RUNGS, [2, 4]);
  expect([worth(''), worth('', true), worth('-'), worth('+'), worth('+', true), worth('++-')]).toEqual([
    0, 0, 0, 0, 10, 20,
  ]);
  expect([worth('+++-'), worth('++++-'), worth('+++++'), worth('+++', true)]).toEqual([20, 80, 160, 40]);
  expect([reached(attempt('++-')), restBelow(1, RUNGS, [2, 4]), restBelow(5, RUNGS, [])]).toEqual([2, 0, 0]);
});
