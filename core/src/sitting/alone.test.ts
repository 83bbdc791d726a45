import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { afterAsking, nextInPass, type Pass } from '../formats/ownPace/passes.ts';
import { blankOwnPace, type OwnPaceContent } from '../formats/ownPace/content.ts';
import { clothOfLengths, roundUp } from '../formats/ownPace/lengths.ts';
import { rulesWith, type RoundRules } from '../formats/rules.ts';
import { isRefusal } from '../refusal.ts';
import type { Devices } from '../show/devices.ts';
import type { Show } from '../show/show.ts';
import type { AnswerContent } from '../question/kinds/index.ts';
import { due } from './decide/clock.ts';
import { scoreOf } from './ledger.ts';
import { deskView } from './view/desk.ts';
import { seatView } from './view/seat.ts';
import { stageView } from './view/stage.ts';
import { CLOCK, everyKind, question, sampleShow, SECRET, seatActor, Table } from './test/table.ts';

const TYPED: AnswerContent = everyKind()[3]!.answer;

/** A round in which each is asked alone: typed answers, "neap" is right. */
function ownPaceShow(
  count: number,
  content: Partial<OwnPaceContent> = {},
  devices: Partial<Devices> = {},
  rules: Partial<RoundRules> = {},
): Show {
  const ids = Array.from({ length: count }, (_, i) => `q${i}`);
  return {
    ...sampleShow(),
    devices: { mode: 'each', score: 'teams', combine: 'mean', ...devices },
    rounds: [
      {
        id: 'own',
        format: 'ownPace',
        title: '',
        rules: rulesWith({ clock: null, roundClock: 300, lowest: null, ...rules }),
        content: { ...blankOwnPace(), items: ids.map((id) => ({ id, points: null })), loss: 10, ...content },
      },
    ],
    questions: Object.fromEntries(ids.map((id) => [id, question(id, `Ask ${id}`, TYPED)])),
  };
}
function started(...given: Parameters<typeof ownPaceShow>): Table {
  const table = new Table(ownPaceShow(...given));
  let n = 0;
  table.random = () => ((n = (n * 16807 + 11) % 2147483647) % 1000) / 1000;
  table.do('begin', 'start');
  return table;
}
const own = (table: Table, who: string) => table.state.asked.get(who)!;
const say = (table: Table, who: string, text: string, seat = who) => {
  table.now += 1000;
  return table.send({ type: 'answer', play: own(table, who).play, answer: { text } }, seatActor(seat));
};
const onward = (table: Table, who: string) =>
  table.send({ type: 'goOn', play: own(table, who).play }, seatActor(who));
const scores = (table: Table) => Object.fromEntries(table.state.scores);

describe('an order of one’s own', () => {
  test('holds every question once before any comes again, and none twice running', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })),
        (count, chance) => {
          const ids = Array.from({ length: count }, (_, i) => `${i}`);
          let pass: Pass = { used: new Set(), last: null };
          const asked: string[] = [];
          for (let n = 0; n < 3 * count; n++) {
            const id = nextInPass(ids, pass, () => chance.next().value)!;
            pass = afterAsking(ids, pass, id);
            asked.push(id);
          }
          for (let at = 0; at < asked.length; at += count)
            expect(new Set(asked.slice(at, at + count)).size).toBe(count);
          if (count > 1) expect(asked.some((id, i) => i > 0 && id === asked[i - 1])).toBe(false);
        },
      ),
    );
  });

  /*
   * Source: NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.6.7.4, upper critical values of the chi-square
   * distribution: 20.515 for 5 degrees of freedom at 0.001.
   */
  test('every order of three is as likely as any other', () => {
    const ids = ['a', 'b', 'c'];
    const counts = new Map<string, number>();
    const RUNS = 60_000;
    for (let run = 0; run < RUNS; run++) {
      let pass: Pass = { used: new Set(), last: null };
      let order = '';
      for (let n = 0; n < 3; n++) {
        const id = nextInPass(ids, pass, Math.random)!;
        pass = afterAsking(ids, pass, id);
        order += id;
      }
      counts.set(order, (counts.get(order) ?? 0) + 1);
    }
    const chi = [...counts.values()].reduce((sum, n) => sum + (n - RUNS / 6) ** 2 / (RUNS / 6), 0);
    expect(counts.size).toBe(6);
    // Once in a thousand times chance alone goes beyond it: then it is asked again, beyond what chance does twice.
    expect(chi).toBeLessThan(40);
  });

  test('ten questions in five minutes come round again (common practice)', () => {
    const table = started(10, { key: false });
    const seen: string[] = [];
    for (let n = 0; n < 30; n++) {
      table.now += 9000;
      seen.push(own(table, 's0').question);
      say(table, 's0', 'neap');
    }
    for (const id of new Set(seen)) expect(seen.filter((one) => one === id)).toHaveLength(3);
  });
});

describe('a question asked of one alone', () => {
  test('is answered by nobody else, and nobody else sees it', () => {
    const table = started(4);
    const { play } = own(table, 's0');
    const result = table.send({ type: 'answer', play, answer: { text: 'neap' } }, seatActor('s1'));
    expect(isRefusal(result) && result.refused).toBe('notYours');
    const others = JSON.stringify([stageView(table.state), seatView(table.state, 's1')]);
    expect(others).not.toContain(`"play":${play},`);
    expect(seatView(table.state, 's0')!.asked).toMatchObject({
      play,
      prompt: `Ask ${own(table, 's0').question}`,
    });
  });

  test('brings and costs what the round says, at once, and the key only to whoever has answered', () => {
    const table = started(4, { points: 25, loss: 10, start: 50 });
    expect(scores(table)).toEqual({ t0: 50, t1: 50, t2: 50 });
    say(table, 's0', 'neap');
    say(table, 's1', 'spring');
    expect(scores(table)).toEqual({ t0: 75, t1: 40, t2: 50 });
    expect(JSON.stringify(seatView(table.state, 's0'))).toContain(SECRET);
    expect(JSON.stringify(seatView(table.state, 's2'))).not.toContain(SECRET);
    for (const { id } of table.state.teams)
      expect(table.state.scores.get(id)).toBe(scoreOf(table.state.ledger, id));
    onward(table, 's0');
    expect(own(table, 's0').step).toBe('open');
    expect(JSON.stringify(seatView(table.state, 's0'))).not.toContain(SECRET);
  });

  test('several right in a row bring more, and a miss ends the row', () => {
    const table = started(8, { key: false, loss: 0, streak: { length: 2, points: 100 } });
    const after = ['neap', 'neap', 'neap', 'spring', 'neap', 'neap'].map((text) => {
      say(table, 's0', text);
      return table.state.scores.get('t0');
    });
    expect(after).toEqual([25, 150, 175, 175, 200, 325]);
  });

  test('given back it is as before the answer, for that one alone', () => {
    const table = started(5, { key: false });
    say(table, 's1', 'spring');
    const before = JSON.stringify([
      scores(table),
      own(table, 's0').question,
      deskView(table.state).private.alone,
    ]);
    const first = own(table, 's0').play;
    say(table, 's0', 'neap');
    table.do({ type: 'askAgain', to: 's0' });
    expect(own(table, 's0').play).toBe(first);
    const back = JSON.stringify([
      scores(table),
      own(table, 's0').question,
      deskView(table.state).private.alone,
    ]);
    expect(back.replaceAll(/"since":\d+/g, '')).toBe(before.replaceAll(/"since":\d+/g, ''));
    say(table, 's0', 'spring');
    expect(scores(table)).toEqual({ t0: -10, t1: -10 });
  });

  test('a spelling that is accepted counts for everybody who wrote it, before and after', () => {
    const table = started(1, { key: false });
    const { play } = own(table, 's0');
    say(table, 's0', 'nipp tide');
    say(table, 's1', 'Nipp Tide');
    expect(scores(table)).toEqual({ t0: -10, t1: -10 });
    table.do({ type: 'acceptAnswer', play, who: 's0' });
    expect(scores(table)).toEqual({ t0: 25, t1: 25 });
    say(table, 's2', 'nipp tide');
    expect(table.state.scores.get('t2')).toBe(25);
    expect(deskView(table.state).private.alone).toMatchObject({ answered: 3, right: 3 });
  });

  test('accepted in several answers of one team at once, a floor for scores counts as if it had been so from the start', () => {
    const play = (accepted: boolean) => {
      const table = started(1, { key: false, loss: 40 }, { mode: 'team' }, { lowest: 0 });
      const { play: first } = own(table, 't0');
      const answer = (text: string) => {
        table.now += 1000;
        table.send({ type: 'answer', play: own(table, 't0').play, answer: { text } }, seatActor('s0'));
      };
      for (const text of ['nipp', 'nipp', 'spring']) answer(accepted && text === 'nipp' ? 'neap' : text);
      if (!accepted) table.do({ type: 'acceptAnswer', play: first, who: 't0' });
      return table.state.scores.get('t0') ?? 0;
    };
    expect(play(false)).toBe(play(true));
  });

  test('places on a phone are those of the round, as the stage ranks', () => {
    const table = started(4, { key: false });
    table.do({ type: 'adjust', team: 't1', amount: 500, reason: 'earlier' });
    say(table, 's0', 'neap');
    expect(seatView(table.state, 's0')!.standing).toEqual({ score: 25, place: 1, of: 3 });
    expect(seatView(table.state, 's1')!.standing).toEqual({ score: 0, place: 2, of: 3 });
  });

  test('a step of the host’s that is taken back leaves alone what people did meanwhile', () => {
    const table = started(4, { key: false });
    table.do({ type: 'adjust', team: 't1', amount: 500, reason: 'tidied up' });
    say(table, 's0', 'neap');
    table.do('takeBack');
    expect(scores(table)).toEqual({ t0: 25 });
    table.do('takeBack');
    expect([table.state.round!.startedAt, table.state.asked.size]).toEqual([null, 0]);
    table.do('forward');
    expect(table.state.scores.get('t0')).toBe(25);
  });

  test('one phone a table: the team has it, and whoever answers first answers for it', () => {
    const table = started(3, { key: false }, { mode: 'team' });
    expect([...table.state.asked.keys()]).toEqual(['t0', 't1', 't2']);
    table.send({ type: 'answer', play: own(table, 't0').play, answer: { text: 'neap' } }, seatActor('s0'));
    expect(scores(table)).toEqual({ t0: 25 });
    expect(seatView(table.state, 's0')!.asked!.play).toBe(own(table, 't0').play);
  });

  test('without phones the host hears the answer and rules, and the next one comes', () => {
    const table = started(3, {}, { mode: 'none' });
    const first = own(table, 't1').play;
    table.do({ type: 'rule', team: 't1', verdict: 'right', play: first });
    expect(scores(table)).toEqual({ t1: 25 });
    expect(own(table, 't1').play).not.toBe(first);
    table.do('takeBack');
    expect([scores(table).t1 ?? 0, own(table, 't1').play]).toEqual([0, first]);
  });
});

describe('the clock of a round', () => {
  test('paused, nobody may answer; it goes on with the time that was left, and ends the round', () => {
    const table = started(4);
    table.now += 100_000;
    table.do({ type: 'clock', act: 'hold' });
    table.now += 500_000;
    expect(isRefusal(say(table, 's0', 'neap'))).toBe(true);
    table.do({ type: 'clock', act: 'run' });
    say(table, 's0', 'neap');
    expect(scores(table)).toEqual({ t0: 25 });
    expect(due(table.state)! - table.now).toBeGreaterThan(190_000);
    table.now = due(table.state)!;
    expect(isRefusal(say(table, 's1', 'neap'))).toBe(true);
    table.send({ type: 'timeUp' }, CLOCK);
    expect([table.state.round!.ended, table.state.asked.size]).toEqual(['time', 0]);
    table.do('takeBack');
    expect([table.state.round!.ended, table.state.round!.held, table.state.asked.size]).toEqual([
      null,
      true,
      3,
    ]);
  });

  test('gets the time back in which the server was away', () => {
    const table = started(4, {}, {}, { clock: 20 });
    const before = due(table.state)!;
    table.send({ type: 'outage', ms: 60_000 }, CLOCK);
    expect(due(table.state)).toBe(before + 60_000);
  });

  test('a question’s own clock runs out for one alone, who is asked the next', () => {
    const table = started(4, { key: false, loss: 10 }, {}, { clock: 20 });
    table.now += 15_000;
    say(table, 's0', 'neap');
    const [first, other] = [own(table, 's0').play, own(table, 's1').play];
    table.now = due(table.state)!;
    table.send({ type: 'timeUp' }, CLOCK);
    expect(own(table, 's0').play).toBe(first);
    expect(own(table, 's1').play).not.toBe(other);
    // No answer costs nothing.
    expect(scores(table)).toEqual({ t0: 25 });
  });

  test('whoever comes late has a first question at once; a goal that is reached ends the round', () => {
    const table = started(4, { key: false, goal: 'first', amount: 50, start: 20 });
    table.send({ type: 'takeSeat', seat: 's9', token: 'x9', name: 'Late', team: 't0' }, seatActor('s9'));
    expect(own(table, 's9').step).toBe('open');
    say(table, 's9', 'neap');
    say(table, 's0', 'neap');
    expect(due(table.state)!).toBeLessThanOrEqual(table.now);
    table.send({ type: 'timeUp' }, CLOCK);
    expect([table.state.round!.ended, scores(table).t0]).toEqual(['goal', 70]);
  });
});

describe('turns that are counted', () => {
  const boardOf = (rules: Partial<RoundRules>) => {
    const table = new Table(sampleShow({ penalty: 'none', ...rules }));
    const show = table.state.show.rounds[0]!.content as { values: object[]; cells: Record<string, object> };
    expect(Object.keys(show.cells)).toHaveLength(4);
    table.do('begin');
    return table;
  };
  const playCell = (table: Table, ref: string, right = true) => {
    const { turn } = table.state;
    table.do({ type: 'choose', ref }, 'pose', 'open', {
      type: 'rule',
      team: turn,
      verdict: right ? 'right' : 'wrong',
    });
    table.do('showKey', 'settle', 'leave');
    return turn;
  };

  test('each team has as many as the round says, also where the winner goes on', () => {
    const table = boardOf({ turnsEach: 1, turns: 'winner', afterWrong: 'close' });
    const turns = ['a:1', 'a:2', 'b:1'].map((ref) => playCell(table, ref));
    expect(turns).toEqual(['t0', 't1', 't2']);
    expect(deskView(table.state).private.next.code).toBe('close');
    expect(isRefusal(table.send({ type: 'choose', ref: 'b:2' }))).toBe(true);
    expect(stageView(table.state).timer!.turnsLeft).toEqual({ t0: 0, t1: 0, t2: 0 });
  });

  test('when the clock of the round runs out, the others have as many turns as the first had', () => {
    const table = boardOf({ roundClock: 60, turns: 'inOrder', afterWrong: 'close' });
    playCell(table, 'a:1');
    table.now = due(table.state)!;
    table.send({ type: 'timeUp' }, CLOCK);
    expect(table.state.turn).toBe('t1');
    expect(stageView(table.state).timer).toMatchObject({ ended: 'time', turnsLeft: { t0: 0, t1: 1, t2: 1 } });
    expect([playCell(table, 'a:2'), playCell(table, 'b:1')]).toEqual(['t1', 't2']);
    expect(deskView(table.state).private.next.code).toBe('close');
  });
});

test('the clock of a round that all play together is held between two questions, and goes on', () => {
  const table = new Table(sampleShow({ roundClock: 60 }));
  table.do('begin', { type: 'choose', ref: 'a:1' }, 'pose', 'open', 'lock', 'showKey', 'settle', 'leave');
  table.now += 20_000;
  table.do({ type: 'clock', act: 'hold' });
  table.now += 500_000;
  expect(due(table.state)).toBeNull();
  table.do({ type: 'clock', act: 'run' });
  expect(table.state.round!.clock).toEqual({ deadline: table.now + 40_000 });
});

test('lengths of cloth: one an answer up to four hundred, then the next round number of answers', () => {
  expect([1, 2, 3, 6, 11, 23, 51, 101].map(roundUp)).toEqual([1, 2, 5, 10, 20, 50, 100, 200]);
  const answers = Array.from({ length: 900 }, (_, i) => ({ team: `t${i % 3}`, at: i }));
  expect(clothOfLengths(answers.slice(0, 400)).worth).toBe(1);
  const { worth, teams } = clothOfLengths(answers);
  expect([worth, teams.length]).toEqual([5, 180]);
});
