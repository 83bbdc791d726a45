import { describe, expect, test } from '@jest/globals';
import { boosts, usualBoosts, type BoostName } from '../formats/boosts.ts';
import { blankOwnPace } from '../formats/ownPace/content.ts';
import { rulesWith, type RoundRules } from '../formats/rules.ts';
import { isRefusal } from '../refusal.ts';
import { playThrough } from '../rehearsal/playThrough.ts';
import { usualRoom } from '../rehearsal/room.ts';
import { tally } from '../rehearsal/tally.ts';
import { seeded } from '../random/seeded.ts';
import { newRound } from '../show/newRound.ts';
import type { Show } from '../show/show.ts';
import { seatView } from './view/seat.ts';
import { deskView } from './view/desk.ts';
import { everyKind, question, sampleShow, seatActor, Table } from './test/table.ts';

const ALL = boosts.map((boost) => ({ boost, ...usualBoosts[boost] }));
const CHOICE = everyKind()[0]!.answer;

/** A quiz of choices for all, each worth 100; a wrong answer costs as much. */
function quiz(rules: Partial<RoundRules> = {}): Table {
  const show = sampleShow();
  const round = newRound('quiz', () => 'quiz');
  const ids = ['a', 'b', 'c', 'd'];
  const own: Show = {
    ...show,
    rounds: [
      {
        ...round,
        rules: rulesWith({
          floor: 'everyone',
          afterWrong: 'close',
          penalty: 'full',
          shuffleOptions: false,
          ...rules,
        }),
        content: { items: ids.map((id) => ({ id, points: null })), points: 100, shuffle: false },
      } as Show['rounds'][number],
    ],
    questions: Object.fromEntries(ids.map((id) => [id, question(id, id, CHOICE)])),
  };
  return new Table(own).do('begin');
}
const use = (table: Table, seat: string, boost: BoostName, on?: string) =>
  table.send({ type: 'useBoost', boost, ...(on ? { on } : {}) }, seatActor(seat));
const give = (table: Table, team: string, boost: BoostName) => table.do({ type: 'giveBoost', team, boost });
const code = (result: object) => (isRefusal(result) ? result.refused : 'done');
const RIGHT = { slot: 1 };
const WRONG = { slot: 0 };
/** The next question, with these answers by team, settled. */
function asked(table: Table, answers: (object | null)[], before?: () => void): Table {
  const n = table.state.played.length;
  table.do({ type: 'choose', ref: `${n}` }, 'pose', 'open');
  before?.();
  answers.forEach((answer, i) => answer && table.answer(`s${i}`, answer));
  if (table.state.question!.step === 'open') table.do('lock');
  return table.do('showKey', 'settle', 'leave');
}

describe('what helps', () => {
  test('double: the next three questions are worth twice as much, and the ledger says why', () => {
    const table = give(quiz(), 't0', 'double');
    expect(code(use(table, 's0', 'double'))).toBe('done');
    asked(table, [RIGHT, RIGHT]);
    asked(table, [WRONG, null]);
    asked(table, [RIGHT, null]);
    expect(table.state.running).toEqual([]);
    asked(table, [RIGHT, null]);
    // A wrong answer costs what it costs.
    expect(table.scores().slice(0, 2)).toEqual([200 - 100 + 200 + 100, 100]);
    expect(table.state.ledger[0]!.cause).toMatchObject({ factors: [{ times: 2, why: 'double' }] });
    expect(table.state.ledger[1]!.cause).not.toHaveProperty('factors');
  });

  test('what a mistake costs says nothing of what a second try still brings', () => {
    const table = quiz({ floor: 'turn', afterWrong: 'handOn', tries: 2, retryShare: 50 });
    give(table, 't0', 'forgive');
    use(table, 's0', 'forgive');
    table.do({ type: 'choose', ref: '0' }, 'pose', 'open');
    table.answer('s0', WRONG);
    table.answer('s0', { slot: 2 });
    table.do('handOn');
    expect(table.state.question!.factors.map(({ why }) => why)).toEqual(['secondTry', 'forgive']);
    expect(seatView(table.state, 's0')!.again).toMatchObject({ times: 0.5 });
  });

  test('forgive: one wrong answer costs nothing, the next one does', () => {
    const table = give(quiz(), 't0', 'forgive');
    use(table, 's0', 'forgive');
    asked(table, [RIGHT]);
    asked(table, [WRONG, WRONG]);
    asked(table, [WRONG]);
    expect(table.scores().slice(0, 2)).toEqual([100 - 0 - 100, -100]);
  });

  test('second try: a wrong answer does not stand, and the right one brings all of it', () => {
    const table = give(quiz(), 't0', 'secondTry');
    expect(code(use(table, 's0', 'secondTry'))).toBe('notNow');
    asked(table, [WRONG, RIGHT], () => expect(code(use(table, 's0', 'secondTry'))).toBe('done'));
    // It was locked with one missing: the wrong answer did not stand.
    expect(table.scores()).toEqual([0, 100, 0]);
    give(table, 't0', 'secondTry');
    asked(table, [], () => {
      use(table, 's0', 'secondTry');
      table.answer('s0', WRONG);
      expect(seatView(table.state, 's0')!.again).toMatchObject({ ruledOut: [0], times: 1, hint: '' });
      expect(code(table.answer('s0', WRONG))).toBe('used');
      table.answer('s0', RIGHT);
    });
    expect(table.scores()).toEqual([100, 100, 0]);
  });

  test('thin out: the key and one wrong option are left, for nobody but whoever used it', () => {
    const table = give(quiz(), 't0', 'thinOut');
    asked(table, [], () => {
      expect(code(use(table, 's1', 'thinOut'))).toBe('used');
      use(table, 's0', 'thinOut');
      const out = seatView(table.state, 's0')!.again!.ruledOut;
      expect(out).toHaveLength(1);
      expect(out).not.toContain(1);
      expect(seatView(table.state, 's1')!.again).toBeNull();
      expect(code(table.answer('s0', { slot: out[0]! }))).toBe('used');
      expect(code(table.answer('s1', { slot: out[0]! }))).toBe('done');
    });
  });

  test('more time: where one team has the floor its clock gets so much more', () => {
    const table = give(quiz({ floor: 'turn', clock: 20 }), 't0', 'moreTime');
    asked(table, [RIGHT], () => {
      use(table, 's0', 'moreTime');
      expect(table.state.question!.clock).toEqual({ deadline: table.now + 35_000 });
    });
    const all = give(quiz({ clock: 20 }), 't0', 'moreTime');
    asked(all, [], () => expect(code(use(all, 's0', 'moreTime'))).toBe('notNow'));
  });
});

describe('what hinders', () => {
  test('is not there unless the round says so', () => {
    const table = quiz();
    expect(code(table.send({ type: 'giveBoost', team: 't0', boost: 'hurry' }))).toBe('notThere');
    expect(deskView(table.state).private.boosts.here).not.toContain('tithe');
  });

  test('hurry: the next clock of another team is half as long, once', () => {
    const table = give(quiz({ boosts: ALL, floor: 'turn', clock: 20 }), 't0', 'hurry');
    expect(code(use(table, 's0', 'hurry'))).toBe('notThere');
    expect(code(use(table, 's0', 'hurry', 't0'))).toBe('notThere');
    expect(code(use(table, 's0', 'hurry', 't1'))).toBe('done');
    const limits: (number | null)[] = [];
    for (let i = 0; i < 4; i++) asked(table, [], () => limits.push(table.state.question!.limit));
    expect(limits).toEqual([20_000, 10_000, 20_000, 20_000]);
  });

  test('tithe: a quarter of what another team gains, for three questions', () => {
    const table = give(quiz({ boosts: ALL }), 't0', 'tithe');
    use(table, 's0', 'tithe', 't1');
    for (let i = 0; i < 4; i++) asked(table, [null, RIGHT]);
    expect(table.scores()).toEqual([75, 325, 0]);
    expect(tally(table.sitting.log, table.state.scores).agrees).toBe(true);
  });
});

test('what was used is taken back with its question; what was given before stays', () => {
  const table = give(quiz(), 't0', 'thinOut');
  table.do({ type: 'choose', ref: '0' }, 'pose', 'open');
  use(table, 's0', 'thinOut');
  expect(table.state.boosts.get('t0')).toEqual([]);
  table.do('takeBack');
  expect(table.state.boosts.get('t0')).toEqual(['thinOut']);
});

test('the host uses one for a team that has no phone', () => {
  const table = give(quiz(), 't2', 'double');
  table.do({ type: 'useBoostFor', team: 't2', boost: 'double' });
  expect(table.state.running).toMatchObject([{ team: 't2', boost: 'double', left: 3 }]);
  expect(table.stage.running).toHaveLength(1);
});

describe('at one’s own pace', () => {
  const TYPED = everyKind()[3]!.answer;
  const ids = ['a', 'b', 'c'];
  const show = (own: Partial<RoundRules>): Show => ({
    ...sampleShow(),
    devices: { mode: 'each', score: 'players', combine: 'mean' },
    rounds: [
      {
        id: 'own',
        format: 'ownPace',
        title: '',
        rules: rulesWith({ clock: null, roundClock: 300, lowest: null, ...own }),
        content: { ...blankOwnPace(), items: ids.map((id) => ({ id, points: null })), key: false, start: 60 },
      },
    ],
    questions: Object.fromEntries(ids.map((id) => [id, question(id, id, TYPED)])),
  });
  const say = (table: Table, text: string) =>
    table.send(
      { type: 'answer', play: table.state.asked.get('s0')!.play, answer: { text } },
      seatActor('s0'),
    );
  const buy = (table: Table, boost: BoostName) => table.send({ type: 'buyBoost', boost }, seatActor('s0'));

  test('bought with what one has, used, and gone with the answer that is taken back', () => {
    const table = new Table(show({ boosts: [{ boost: 'double', amount: 2, price: 50 }] })).do(
      'begin',
      'start',
    );
    expect(seatView(table.state, 's0')!.boosts).toEqual([
      { boost: 'double', amount: 2, held: 0, left: 0, price: 50, hinders: false },
    ]);
    expect(code(buy(table, 'forgive'))).toBe('notThere');
    expect(code(buy(table, 'double'))).toBe('done');
    expect(code(buy(table, 'double'))).toBe('notNow');
    use(table, 's0', 'double');
    say(table, 'neap');
    say(table, 'no');
    expect(table.state.scores.get('s0')).toBe(35);
    say(table, 'neap');
    expect(table.state.scores.get('s0')).toBe(60);
    expect(tally(table.sitting.log, table.state.scores).agrees).toBe(true);
    // A step of the host beside it takes nothing of that back.
    table.do({ type: 'adjust', team: 's1', amount: 5, reason: 'for the song' });
    buy(table, 'double');
    table.do('takeBack');
    expect([table.state.scores.get('s0'), table.state.boosts.get('s0')]).toEqual([10, ['double']]);
  });

  test('nothing is sold where the round has no boosts of its own', () => {
    const table = new Table(show({})).do('begin', 'start');
    expect(code(buy(table, 'double'))).toBe('notThere');
    expect(seatView(table.state, 's0')!.boosts).toEqual([]);
  });

  test('stand-ins buy and use them, and the tally on paper agrees', () => {
    const { log, state } = playThrough(
      show({ boosts: ALL.map((one) => ({ ...one, price: 10 })) }),
      { ...usualRoom, seed: 'tide' },
      seeded('tide'),
    );
    const used = new Set(log.flatMap((one) => (one.type === 'boostUsed' ? [one.boost] : [])));
    expect([...used].sort()).toEqual(['double', 'forgive', 'hurry', 'secondTry', 'tithe']);
    expect(tally(log, state.scores).agrees).toBe(true);
  });
});
