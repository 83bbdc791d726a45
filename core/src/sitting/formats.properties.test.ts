import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { balancedValues } from '../formats/counterweight/values.ts';
import { deskView } from './view/desk.ts';
import { boosts, formatNames, shownWhen, spun, usualBoosts } from '../formats/index.ts';
import { isRefusal } from '../refusal.ts';
import { largestRemainders, wholePercentages } from '../rank/percentages.ts';
import { newRound } from '../show/newRound.ts';
import { choosesAlone } from './read/alone.ts';
import { publicView } from './view/public.ts';
import { LOG_VERSION } from './log/lifts.ts';
import { readLog } from './log/readLog.ts';
import { replay } from './sitting.ts';
import { scoreOf } from './ledger.ts';
import { seatView } from './view/seat.ts';
import { seeded } from '../random/seeded.ts';
import { questionFor } from './state.ts';
import { stageView } from './view/stage.ts';
import type { Actor, LoggedEvent } from './events.ts';
import type { Command } from './command.ts';
import type { Devices } from '../show/devices.ts';
import type { FormatName } from '../formats/index.ts';
import type { Round, Show } from '../show/show.ts';
import type { RoundRules } from '../formats/rules.ts';
import { formatOf } from '../formats/index.ts';
import { rulesWith } from '../formats/rules.ts';
import { tableOf } from './read/table.ts';
import { CLOCK, everyKind, everyKindShow, HOST, SECRET, seatActor, Table } from './test/table.ts';

/** Stands for the question in play, or for the last one that is over. */
const CURRENT = -1;
const LAST = -2;
const kinds = everyKind().length;

/** Every boost there is, each for next to nothing. */
const ALL_BOOSTS = boosts.map((boost) => ({ boost, amount: usualBoosts[boost].amount, price: 1 }));

const rules: fc.Arbitrary<RoundRules> = fc
  .record({
    floor: fc.constantFrom('turn' as const, 'buzz' as const, 'everyone' as const),
    turns: fc.constantFrom('inOrder' as const, 'winner' as const, 'lowest' as const, 'drawn' as const),
    afterWrong: fc.constantFrom('handOn' as const, 'buzz' as const, 'close' as const),
    passShare: fc.constantFrom(100, 50, 0),
    penalty: fc.constantFrom('none' as const, 'part' as const, 'full' as const),
    lowest: fc.constantFrom(null, 0, -150),
    speed: fc.constantFrom(null, { keep: 50, grace: 2 }),
    change: fc.boolean(),
    clockFor: fc.constantFrom('all' as const, 'host' as const),
    optionsWith: fc.constantFrom('prompt' as const, 'open' as const),
    picks: fc.constantFrom('before' as const, 'with' as const),
    shuffleBySeat: fc.boolean(),
    chosenBy: fc.constantFrom('first' as const, 'most' as const),
    tries: fc.constantFrom(1, 1, 2, 3),
    boosts: fc.constantFrom(null, ALL_BOOSTS),
    pace: fc.constantFrom(null, null, 3),
    roundClock: fc.constantFrom(null, 30),
    turnsEach: fc.constantFrom(null, null, 1, 2),
  })
  .map((given) => rulesWith({ clock: 20, ...given }));
const devices: fc.Arbitrary<Devices> = fc.record({
  mode: fc.constantFrom('none' as const, 'team' as const, 'each' as const),
  score: fc.constantFrom('teams' as const, 'teams' as const, 'players' as const),
  combine: fc.constantFrom('sum' as const, 'mean' as const, 'first' as const, 'majority' as const),
});
const some = fc.shuffledSubarray(
  Array.from({ length: kinds }, (_, i) => `q${i}`),
  { minLength: 1, maxLength: 4 },
);
/** Where a whole round would be long: what makes it short. */
const short: Partial<Record<FormatName, object>> = {
  knockout: { lives: 2, points: 100 },
  counterweight: { covers: 3, most: 5, seed: 'x' },
  climb: { rungs: [10, 20, 30, 40, 50], rests: [2], climbs: 2, attempts: 2 },
  claim: { rows: 3, columns: 3, miss: 'block', groups: 2, topics: { q0: 'Tides' } },
  trail: { spaces: 8, target: 300, pass: 20, specials: { 2: 'rest', 4: 'again' } },
  ownPace: { start: 50, loss: 40, goal: 'first', amount: 200, streak: { length: 2, points: 10 } },
};
const round: fc.Arbitrary<Round> = fc
  .tuple(fc.constantFrom(...formatNames), some, rules, fc.nat(1e6))
  .map(([name, ids, given, n]) => {
    const made = newRound(name, () => `r${n++}`);
    const own = name === 'survey' ? { anonymous: n % 2 === 0, shown: shownWhen[n % 3] } : short[name];
    const content = formatOf(name).filled({ ...made.content, ...own }, ids);
    return { ...made, rules: given, content } as Round;
  });
const show: fc.Arbitrary<Show> = fc
  .tuple(fc.array(round, { minLength: 1, maxLength: 3 }), devices)
  .map(([rounds, own]) => ({ ...everyKindShow(), rounds, devices: own }));

const team = fc.constantFrom('t0', 't1', 't2');
const seat = fc.constantFrom('s0', 's1', 's2', 's3');
const play = fc.constantFrom(CURRENT, CURRENT, LAST);
const hosted = (command: Command): [Command, Actor] => [command, HOST];
const act: fc.Arbitrary<[Command, Actor]> = fc.oneof(
  {
    weight: 14,
    arbitrary: fc.constant<[Command, Actor]>([{ type: 'choose', ref: 'next step' }, HOST]),
  },
  {
    weight: 3,
    arbitrary: fc
      .constantFrom(...(['lock', 'showKey', 'settle', 'leave', 'handOn', 'takeBack', 'forward'] as const))
      .map((type) => hosted({ type })),
  },
  { weight: 1, arbitrary: fc.nat(3).map((n) => hosted({ type: 'begin', round: n })) },
  {
    weight: 3,
    arbitrary: fc
      .tuple(team, play, fc.constantFrom('right' as const, 'part' as const, 'wrong' as const))
      .map(([who, which, verdict]) => hosted({ type: 'rule', team: who, verdict, play: which })),
  },
  {
    weight: 1,
    arbitrary: fc.tuple(play, seat).map(([which, who]) => hosted({ type: 'acceptAnswer', play: which, who })),
  },
  {
    weight: 3,
    arbitrary: fc
      .tuple(seat, fc.nat(900))
      .map(([who, ago]): [Command, Actor] => [
        { type: 'buzz', play: CURRENT, pressed: -ago },
        seatActor(who),
      ]),
  },
  {
    weight: 12,
    arbitrary: fc
      .tuple(
        seat,
        fc.oneof(
          fc.record({ slot: fc.nat(2) }),
          fc.record({ step: fc.nat(5) }),
          fc.record({ text: fc.constantFrom('neap', '7') }),
        ),
      )
      .map(([who, answer]): [Command, Actor] => [{ type: 'answer', play: CURRENT, answer }, seatActor(who)]),
  },
  {
    weight: 3,
    arbitrary: fc
      .tuple(fc.nat(1e6), fc.constantFrom(HOST, HOST, seatActor('s0'), seatActor('s1'), seatActor('s3')))
      .map(([seed, who]): [Command, Actor] => [{ type: 'act', act: seed }, who]),
  },
  { weight: 2, arbitrary: fc.constant<[Command, Actor]>([{ type: 'timeUp' }, CLOCK]) },
  {
    weight: 3,
    arbitrary: fc
      .tuple(team, fc.constantFrom(...boosts))
      .map(([who, boost]) => hosted({ type: 'giveBoost', team: who, boost })),
  },
  {
    weight: 3,
    arbitrary: fc
      .tuple(seat, fc.constantFrom(...boosts), team, fc.boolean())
      .map(([who, boost, on, buys]): [Command, Actor] => [
        buys ? { type: 'buyBoost', boost } : { type: 'useBoost', boost, on },
        seatActor(who),
      ]),
  },
  {
    weight: 2,
    arbitrary: fc
      .tuple(fc.constantFrom(...spun), fc.constantFrom('t0', 't1', 't2', undefined))
      .map(([what, who]) => hosted({ type: 'showSpinner', what, ...(who ? { team: who } : {}) })),
  },
  {
    weight: 3,
    arbitrary: fc
      .tuple(seat, fc.constantFrom('spin' as const, 'close' as const, 'flick' as const))
      .map(([who, how]): [Command, Actor] =>
        how === 'flick'
          ? [{ type: 'spin', strength: 0.7 }, seatActor(who)]
          : [{ type: how === 'spin' ? 'spin' : 'closeSpinner' }, HOST],
      ),
  },
  // What there is only where everybody is asked alone.
  {
    weight: 4,
    arbitrary: seat.map((who): [Command, Actor] => [{ type: 'goOn', play: CURRENT }, seatActor(who)]),
  },
  {
    weight: 2,
    arbitrary: fc.oneof(
      fc.constant(hosted({ type: 'endRound' })),
      fc.constantFrom('t0', 's1', 's2').map((to) => hosted({ type: 'askAgain', to })),
      fc.constantFrom('hold' as const, 'run' as const).map((how) => hosted({ type: 'clock', act: how })),
      fc.constantFrom('s1', 't0').map((to) => hosted({ type: 'moveSeat', seat: to, team: 't1' })),
    ),
  },
);
const evening = fc.record({
  show,
  acts: fc.array(fc.tuple(act, fc.integer({ min: 0, max: 4000 })), { maxLength: 80 }),
});
type Evening = typeof evening extends fc.Arbitrary<infer T> ? T : never;

/** A command as it is meant for the moment: the next step, the question in play, the last one. */
function meant(table: Table, command: Command, actor: Actor): Command {
  const { question, played } = table.state;
  const last = played.at(-1)?.play ?? 0;
  if (command.type === 'choose' && command.ref === 'next step') {
    const next = deskView(table.state).private.next.command;
    return next ?? { type: 'pose' };
  }
  if (command.type === 'act') {
    const { round: on } = table.state;
    const random = seeded(String(command.act));
    const who = `t${Number(command.act) % 3}`;
    const own = on && choosesAlone(table.state) ? formatOf(on.format).moveAlone(on.state, who, random) : null;
    if (own) return { type: 'choose', ref: own.ref, team: who };
    const move = on && formatOf(on.format).move(on.state, tableOf(table.state), random);
    return move ?? { type: 'act', act: { do: 'nothing' } };
  }
  if (!('play' in command) || command.play === undefined) return command;
  const { asked, seats } = table.state;
  const alone = asked.get(actor.id) ?? asked.get(seats.get(actor.id)?.team ?? [...asked.keys()][0] ?? '');
  const inPlay = alone ?? question;
  const now = { ...command, play: command.play === LAST ? last : (inPlay?.play ?? last) };
  return now.type === 'buzz' ? { ...now, pressed: table.now + now.pressed } : now;
}
function playOut({ show: own, acts }: Evening, each: (table: Table) => void): Table {
  const table = new Table(own);
  table.roundTrip = 40;
  table.window = 60;
  table.send({ type: 'takeSeat', seat: 's3', token: 'x3', name: 'Fourth', team: 't0' }, seatActor('s3'));
  table.do('begin');
  for (const [[command, actor], ms] of acts) {
    table.now += ms;
    table.send(meant(table, command, actor), actor);
    each(table);
  }
  return table;
}
const shape = ({ state }: Table | { state: Table['state'] }) =>
  JSON.stringify([
    deskView(state),
    stageView(state),
    ['s0', 's1', 's2', 's3'].map((id) => seatView(state, id)),
  ]);

test('in every format, on every floor: events or a refusal with a sentence, and the next step is possible', () => {
  fc.assert(
    fc.property(evening, (one) => {
      playOut(one, (table) => {
        const { next: planned, coming } = deskView(table.state).private;
        const next = planned.command;
        if (!next) return;
        const copy = new Table(one.show);
        copy.sitting = replay([...table.sitting.log]);
        copy.now = table.now;
        const result = copy.send(next, HOST, 'probe');
        // What the host is told is coming is what comes.
        const picked = isRefusal(result) ? undefined : result.find((event) => event.type === 'picked');
        if (coming && picked) expect(one.show.questions[picked.question]!.prompt).toBe(coming.prompt);
        expect(isRefusal(result) ? [next, result] : 'possible').toBe('possible');
      });
    }),
    { numRuns: 120 },
  );
});

test('a score is the sum of its ledger since scores began anew, and replay equals what was lived', () => {
  fc.assert(
    fc.property(evening, (one) => {
      const table = playOut(one, () => {});
      const stored = JSON.parse(JSON.stringify(table.sitting.log)) as LoggedEvent[];
      // Nothing that is written is lost as it is read.
      expect(readLog([{ version: LOG_VERSION, events: stored }])).toEqual(stored);
      expect(shape(replay(stored))).toBe(shape(table));
      const { ledger, scores, teams } = table.state;
      for (const { id } of teams) expect(scores.get(id) ?? 0).toBe(scoreOf(ledger, id));
    }),
    { numRuns: 200 },
  );
});

test('taking back and having again changes nothing but the clock', () => {
  const still = (table: Table) =>
    JSON.stringify(
      JSON.parse(shape(table), (key, value: unknown) => (key === 'clock' || key === 'seq' ? null : value)),
    );
  fc.assert(
    fc.property(evening, fc.integer({ min: 1, max: 4 }), (one, times) => {
      const table = playOut(one, () => {});
      const before = still(table);
      let back = 0;
      while (back < times && !isRefusal(table.send({ type: 'takeBack' }))) back++;
      for (let i = 0; i < back; i++) table.do('forward');
      // What could be had again, and after which event the next step is offered, are another matter.
      const forget = (text: string) =>
        text
          .replace(/"forward":("\w+"|null)/, '"forward":null')
          .replace(/"next","after":\d+/, '"next"')
          .replace(/"steppedWith":\d+/g, '"steppedWith":0')
          // Whoever goes back wants to look: a round that runs by itself is held.
          .replace(/"paceHeld":(true|false)/, '"paceHeld":false');
      expect(forget(still(table))).toBe(forget(before));
    }),
    { numRuns: 150 },
  );
});

const knowsOwn = (state: Table['state'], id: string): boolean => {
  const seat = state.seats.get(id);
  return seat !== undefined && questionFor(state, seat)?.keyShown === true;
};

test('before the key is shown no view but the desk’s holds a secret, whatever the format', () => {
  fc.assert(
    fc.property(evening, (one) => {
      playOut(one, ({ state }) => {
        const views = JSON.stringify([
          publicView(state),
          stageView(state),
          // Whoever is asked alone may know the key of what they have answered.
          ['s0', 's1', 's2', 's3'].filter((id) => !knowsOwn(state, id)).map((id) => seatView(state, id)),
        ]);
        if (state.question?.keyShown || state.phase === 'closed') return;
        expect(views).not.toContain(SECRET);
      });
    }),
    { numRuns: 150 },
  );
});

test('a ruling that is changed later gives the scores that it would have given from the start', () => {
  const acts = fc.array(fc.tuple(seat, fc.nat(2), fc.nat(3000)), { minLength: 1, maxLength: 8 });
  fc.assert(
    fc.property(
      rules,
      devices,
      acts,
      team,
      fc.constantFrom('right', 'wrong'),
      (own, dev, given, who, verdict) => {
        const content = {
          items: ['q0', 'q2', 'q1'].map((id) => ({ id, points: null })),
          points: 100,
          shuffle: false,
        };
        const rounds: Round[] = [
          { id: 'r', format: 'quiz', title: '', rules: { ...own, floor: 'everyone', pace: null }, content },
        ];
        const whom = dev.score === 'players' ? who.replace('t', 's') : who;
        const played = (early: boolean) => {
          const table = new Table({ ...everyKindShow(), rounds, devices: dev });
          table.do('begin');
          let first = 0;
          for (let n = 0; n < 3; n++) {
            table.do({ type: 'choose', ref: `${n}` }, 'pose', 'open');
            if (n === 0) first = table.state.question!.play;
            for (const [by, slot, ms] of given) {
              table.now += ms;
              table.answer(by, { slot });
            }
            if (table.state.question!.step === 'open') table.do('lock');
            if (early && n === 0) table.send({ type: 'rule', team: whom, verdict: verdict as 'right' });
            table.do('settle', 'leave');
          }
          if (!early) table.send({ type: 'rule', team: whom, verdict: verdict as 'right', play: first });
          return table.scores();
        };
        expect(played(false)).toEqual(played(true));
      },
    ),
    { numRuns: 150 },
  );
});

test('covers are in balance, each value with its opposite, none heavier than it may be', () => {
  const numbers = fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true }));
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 36 }),
      fc.integer({ min: 1, max: 40 }),
      numbers,
      (n, most, stream) => {
        const values = balancedValues(n, most, () => stream.next().value);
        expect(values).toHaveLength(n);
        expect(values.reduce((sum, one) => sum + one, 0)).toBe(0);
        expect(Math.max(...values.map(Math.abs))).toBeLessThanOrEqual(most);
        const count = (value: number) => values.filter((one) => one === value).length;
        for (const value of values) expect(count(value)).toBe(count(-value || 0));
        expect(values.filter((one) => one === 0)).toHaveLength(n % 2);
      },
    ),
  );
});

test('sixteen covers go from −9 to +9 without a weight twice (common practice)', () => {
  const values = balancedValues(16, 9, () => 0.5);
  expect(new Set(values).size).toBe(16);
  expect(Math.max(...values)).toBeGreaterThanOrEqual(8);
});

/*
 * Source: the worked example of the encyclopedia article "Largest remainder method" (Hare quota): ten
 * seats among 100,000 votes. From memory.
 */
test('largest remainders: ten seats for 47,000, 16,000, 15,900, 12,000, 6,000 and 3,100 votes', () => {
  expect(largestRemainders([47_000, 16_000, 15_900, 12_000, 6_000, 3_100], 10)).toEqual([5, 2, 1, 1, 1, 0]);
});
test('percentages add up to 100 and none is off by one or more', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(1000), { minLength: 1, maxLength: 8 }), (counts) => {
      const total = counts.reduce((sum, one) => sum + one, 0);
      const percentages = wholePercentages(counts);
      expect(percentages.reduce((sum, one) => sum + one, 0)).toBe(total === 0 ? 0 : 100);
      percentages.forEach((one, i) =>
        expect(Math.abs(one - (total === 0 ? 0 : (counts[i]! * 100) / total))).toBeLessThan(1),
      );
    }),
  );
});
