import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { LOG_VERSION } from './log/lifts.ts';
import { readLog } from './log/readLog.ts';
import { replay } from './sitting.ts';
import { deskView } from './view/desk.ts';
import { isRefusal } from '../refusal.ts';
import { publicView } from './view/public.ts';
import { seatView } from './view/seat.ts';
import { stageView } from './view/stage.ts';
import type { Actor, LoggedEvent } from './events.ts';
import type { Command } from './command.ts';
import {
  cellOfKind,
  CLOCK,
  everyKind,
  everyKindShow,
  HOST,
  sampleShow,
  SECRET,
  seatActor,
  Table,
} from './test/table.ts';

/** Stands for the question that is in play. */
const CURRENT = -1;
const team = fc.constantFrom('t0', 't1', 't2', 'nobody');
const seat = fc.constantFrom('s0', 's1', 's2', 'nobody');
const verdict = fc.constantFrom('right' as const, 'part' as const, 'wrong' as const);
const ref = fc.constantFrom('a:0', 'a:1', 'a:2', 'a:5', 'b:1', 'b:2', 'nowhere');
const bare = fc.constantFrom(
  ...(['begin', 'pose', 'open', 'lock', 'showAnswers', 'showKey', 'handOn', 'settle', 'leave'] as const),
);
const hosted = (command: Command): [Command, Actor] => [command, HOST];

const act: fc.Arbitrary<[Command, Actor]> = fc.oneof(
  { weight: 8, arbitrary: bare.map((type) => hosted({ type })) },
  { weight: 3, arbitrary: ref.map((one) => hosted({ type: 'choose', ref: one })) },
  {
    weight: 1,
    arbitrary: fc.constantFrom('takeBack' as const, 'close' as const).map((type) => hosted({ type })),
  },
  { weight: 2, arbitrary: fc.record({ type: fc.constant('rule' as const), team, verdict }).map(hosted) },
  { weight: 1, arbitrary: team.map((one) => hosted({ type: 'giveTurn', team: one })) },
  { weight: 1, arbitrary: fc.boolean().map((on) => hosted({ type: 'showStandings', on })) },
  {
    weight: 1,
    arbitrary: fc
      .record({ type: fc.constant('adjust' as const), team, amount: fc.integer({ min: -500, max: 500 }) })
      .map((command) => hosted({ ...command, reason: 'because' })),
  },
  {
    weight: 1,
    arbitrary: fc
      .constantFrom('hold' as const, 'run' as const, 'drop' as const)
      .map((one) => hosted({ type: 'clock', act: one })),
  },
  {
    weight: 1,
    arbitrary: fc.integer({ min: -9, max: 9 }).map((seconds) => hosted({ type: 'addTime', seconds })),
  },
  {
    weight: 8,
    arbitrary: fc
      .tuple(
        seat,
        fc.oneof({ weight: 5, arbitrary: fc.constant('current') }, ref),
        fc.oneof(
          { weight: 5, arbitrary: fc.record({ slot: fc.nat(3) }) },
          fc.record({ slots: fc.uniqueArray(fc.nat(2), { minLength: 1 }) }),
          fc.record({ text: fc.constantFrom('7314.5', '7300 m', 'x') }),
          fc.record({ text: fc.constantFrom('neap', 'ebb') }),
          fc.anything(),
        ),
      )
      .map(([who, current, answer]): [Command, Actor] => [
        { type: 'answer', play: current === 'current' ? CURRENT : 3, answer },
        seatActor(who),
      ]),
  },
  { weight: 1, arbitrary: fc.constant<[Command, Actor]>([{ type: 'timeUp' }, CLOCK]) },
);
/** Chance gets seldom past the lobby: half of the runs begin within a question. */
const evening = fc.record({
  opening: fc.constantFrom<Command[]>(
    [],
    [{ type: 'begin' }, { type: 'choose', ref: 'a:1' }],
    [{ type: 'begin' }, { type: 'choose', ref: 'a:1' }, { type: 'pose' }, { type: 'open' }],
    [{ type: 'begin' }, { type: 'choose', ref: 'b:1' }, { type: 'pose' }, { type: 'open' }],
    [{ type: 'begin' }, { type: 'choose', ref: 'a:2' }, { type: 'pose' }, { type: 'open' }],
  ),
  /** A cell of the board that has every kind, or null for the small board. */
  every: fc.option(fc.nat(everyKind().length - 1)),
  acts: fc.array(fc.tuple(act, fc.integer({ min: 0, max: 9000 })), { maxLength: 60 }),
  rules: fc.record({
    afterWrong: fc.constantFrom('handOn' as const, 'close' as const),
    penalty: fc.constantFrom('none' as const, 'full' as const),
  }),
});
type Evening = typeof evening extends fc.Arbitrary<infer T> ? T : never;

function playOut(
  { opening, every, acts, rules }: Evening,
  each: (table: Table) => void,
  key?: string,
): Table {
  const table = new Table(every === null ? sampleShow(rules, key) : everyKindShow(rules));
  if (every === null) table.do(...opening);
  else {
    table.do('begin').choose(cellOfKind(every)).do('pose');
    table.send({ type: 'open' });
  }
  for (const [[command, actor], ms] of acts) {
    table.now += ms;
    const current = command.type === 'answer' && command.play === CURRENT;
    table.send(current ? { ...command, play: table.state.question?.play ?? 0 } : command, actor);
    each(table);
  }
  return table;
}

const shape = (table: Table) => JSON.stringify([deskView(table.state), stageView(table.state)]);
const publicViews = ({ state }: Table) => ({
  public: publicView(state),
  stage: stageView(state),
  seats: ['s0', 's1', 's2'].map((id) => seatView(state, id)),
});

test('any command in any state leads to events or a refusal with a sentence, and the next step is possible', () => {
  const seen = { steps: 0, refusals: 0 };
  fc.assert(
    fc.property(evening, act, (one, [command, actor]) => {
      const table = playOut(one, () => {});
      const before = shape(table);
      const next = deskView(table.state).private.next.command;
      if (next) seen.steps++;
      expect(next !== null && isRefusal(clone(table).send(next))).toBe(false);
      const result = table.send(command, actor);
      const refused = isRefusal(result);
      if (refused) seen.refusals++;
      expect(refused ? result.says : 'done').toMatch(/^[a-z]\w+$/);
      expect(refused ? shape(table) : before).toBe(before);
    }),
    { numRuns: 400 },
  );
  expect(Math.min(seen.steps, seen.refusals)).toBeGreaterThan(40);
});

function clone(table: Table): Table {
  const copy = new Table();
  copy.sitting = replay([...table.sitting.log]);
  copy.now = table.now;
  (copy as { send: Table['send'] }).send = (command, actor) =>
    Table.prototype.send.call(copy, command, actor, 'probe');
  return copy;
}

test('a score is the sum of its ledger, and replay from the log equals what was lived', () => {
  fc.assert(
    fc.property(evening, (one) => {
      const table = playOut(one, () => {});
      const stored = JSON.parse(JSON.stringify(table.sitting.log)) as LoggedEvent[];
      // Nothing that is written is lost as it is read.
      expect(readLog([{ version: LOG_VERSION, events: stored }])).toEqual(stored);
      const again = replay(stored);
      expect(JSON.stringify([deskView(again.state), stageView(again.state)])).toBe(shape(table));
      expect(publicView(table.state).teams.map((row) => row.score)).toEqual(table.scores());
      expect(table.sitting.log.map((event) => event.seq)).toEqual(table.sitting.log.map((_, i) => i + 1));
    }),
    { numRuns: 300 },
  );
});

test('a command sent twice changes nothing the second time', () => {
  let again = 0;
  fc.assert(
    fc.property(evening, act, (one, [command, actor]) => {
      const table = playOut(one, () => {});
      const first = table.send(command, actor, 'same');
      // Time does what is due, if anything is: it needs no id.
      if (isRefusal(first) || first.length === 0 || actor.role === 'clock') return;
      again++;
      const before = shape(table);
      expect(table.send(command, actor, 'same')).toEqual([]);
      expect(shape(table)).toBe(before);
    }),
    { numRuns: 200 },
  );
  expect(again).toBeGreaterThan(8);
});

test('before the key is shown no public view holds a word of key, notes, variants or explanation', () => {
  const seen = { before: 0, after: 0 };
  fc.assert(
    fc.property(evening, (one) => {
      playOut(one, (table) => {
        const views = publicViews(table);
        // At the close thanks are given for what was told, and for nothing else.
        const { phase, question: now, played } = table.state;
        const told = phase === 'closed' ? played.filter((one) => one.keyShown) : now?.keyShown ? [now] : [];
        const text = JSON.stringify(views);
        const secret = Object.keys(table.state.show.questions).filter(
          (id) => !told.some((one) => one.question === id),
        );
        if (now) seen[told.length > 0 ? 'after' : 'before']++;
        expect(told.length === 0 && text.includes(SECRET)).toBe(false);
        expect(secret.filter((id) => new RegExp(`${SECRET}[^"]* of ${id}"`).test(text))).toEqual([]);
        expect(text).not.toMatch(/notes|accepted|forgive|marking|"k[123]"/);
      });
    }),
    { numRuns: 300 },
  );
  expect(seen.before).toBeGreaterThan(200);
  expect(seen.after).toBeGreaterThan(0);
});

test('which option is right makes no difference to any public view until a ruling is made public', () => {
  fc.assert(
    fc.property(evening, (any) => {
      // What the host rules is refused when it is so already, and handing on tells of a miss: both tell.
      const one = {
        ...any,
        every: null,
        acts: any.acts.filter(([[command]]) => command.type !== 'rule' && command.type !== 'handOn'),
      };
      const seen = ['k1', 'k3'].map((key) => {
        const views: string[] = [];
        let told = false;
        playOut(
          one,
          (table) => {
            const { question, played, ledger } = table.state;
            told ||= Boolean(question?.keyShown || question?.step === 'settled' || question?.tried.length);
            told ||= played.length > 0 || ledger.length > 0;
            if (!told) views.push(JSON.stringify(publicViews(table)));
          },
          key,
        );
        return views;
      });
      const both = Math.min(...seen.map((views) => views.length));
      expect(seen[0]!.slice(0, both)).toEqual(seen[1]!.slice(0, both));
    }),
    { numRuns: 400 },
  );
});
