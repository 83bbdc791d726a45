import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { atRate, pacedClock, virtualAt } from './pacedClock.ts';
import { combinations } from '../show/devices.ts';
import { floors, rulesWith, type RoundRules } from '../formats/rules.ts';
import { boosts, formatNames, usualBoosts, type FormatName } from '../formats/index.ts';
import { kindOf } from '../question/kinds/index.ts';
import { newRound } from '../show/newRound.ts';
import { playThrough } from './playThrough.ts';
import { Schedule } from './schedule.ts';
import { seeded } from '../random/seeded.ts';
import { tally } from './tally.ts';
import { timeLost } from './timeLost.ts';
import { usualRoom } from './room.ts';
import type { Move } from './move.ts';
import type { Show } from '../show/show.ts';
import { everyKind, question, sampleShow } from '../sitting/test/table.ts';
import { formatOf } from '../formats/index.ts';
import { guess } from './guess.ts';

let n = 0;
const newId = () => `r${n++}`;

/** Where a whole round would be long, or worth nothing: what makes it short, and worth something. */
const short: Partial<Record<FormatName, object>> = {
  knockout: { lives: 2, points: 50 },
  counterweight: { covers: 7 },
  climb: { rungs: [10, 20, 30, 40, 50], rests: [2], climbs: 4, attempts: 2 },
  claim: { rows: 3, columns: 3, groups: 3 },
  trail: { spaces: 8, target: 300, specials: { 2: 'rest', 4: 'again' } },
  ownPace: { start: 100, loss: 30, amount: 600, streak: { length: 2, points: 15 } },
};
const played = formatNames.filter((name) => formatOf(name).asks);

/** A round of any format with a question of every kind. */
function showOf(format: FormatName, rules: Partial<RoundRules>, more: Partial<Show> = {}): Show {
  const show: Show = { ...sampleShow(), ...more, questions: {} };
  const round = newRound(format, newId);
  round.rules = rulesWith({ ...round.rules, ...rules });
  everyKind().forEach(({ answer }, i) => (show.questions[`k${i}`] = question(`k${i}`, `Ask ${i}`, answer)));
  const ids = Object.keys(show.questions);
  Object.assign(round.content, short[format]);
  round.content = formatOf(format).filled(round.content, ids) as typeof round.content;
  show.rounds = [round];
  return show;
}

/** Every boost there is, each for next to nothing. */
const ALL_BOOSTS = boosts.map((boost) => ({ boost, ...usualBoosts[boost], price: 5 }));

const arbitraryRules = fc.record({
  floor: fc.constantFrom(...floors),
  afterWrong: fc.constantFrom('handOn', 'buzz', 'close'),
  passShare: fc.constantFrom(0, 50, 100),
  tries: fc.constantFrom(1, 1, 2),
  boosts: fc.constantFrom(null, null, ALL_BOOSTS),
  penalty: fc.constantFrom('none', 'part', 'full'),
  penaltyShare: fc.constantFrom(33, 50),
  lowest: fc.constantFrom(null, 0, -50),
  speed: fc.constantFrom(null, { keep: 40, grace: 2 }),
  change: fc.boolean(),
  clock: fc.constantFrom(null, 5, 20),
  roundClock: fc.constantFrom(null, 60, 120),
  turnsEach: fc.constantFrom(null, 1, 3),
  shuffleBySeat: fc.boolean(),
  chosenBy: fc.constantFrom('first', 'most'),
  turns: fc.constantFrom('inOrder', 'winner', 'lowest', 'drawn'),
  brings: fc.constantFrom('counted', 'places', 'nothing'),
  steps: fc.constantFrom('joined', 'single'),
} as const);
const arbitraryDevices = fc.record({
  mode: fc.constantFrom('none', 'team', 'each'),
  score: fc.constantFrom('teams', 'players'),
  combine: fc.constantFrom(...combinations),
} as const);
const arbitraryRoom = fc.record({
  count: fc.integer({ min: 2, max: 14 }),
  skill: fc.constantFrom('weak', 'mixed', 'strong'),
  speed: fc.constantFrom('slow', 'usual', 'quick'),
  connection: fc.constantFrom('good', 'mixed', 'poor'),
  late: fc.constantFrom(0, 30),
  dropsOut: fc.boolean(),
  seed: fc.string({ minLength: 1, maxLength: 8 }),
} as const);

/** Ways of playing a format, where it has several. */
const ways: Partial<Record<FormatName, object[]>> = {
  ownPace: [{ goal: 'most', key: true }, { goal: 'first', key: false }, { goal: 'together' }],
  claim: [{ miss: 'block' }, { open: true, miss: 'block', groups: 2 }, { open: true, columns: 4 }],
};

describe.each(played)('a rehearsal of %s', (format) => {
  test('ends under any rules, with any devices and people; the tally on paper agrees', () => {
    fc.assert(
      fc.property(arbitraryRules, arbitraryDevices, arbitraryRoom, fc.nat(2), (rules, devices, room, n) => {
        // Players each for themselves are only there where each has a handset.
        const score = devices.mode === 'each' ? devices.score : 'teams';
        const show = showOf(format, rules, { devices: { ...devices, score } });
        Object.assign(show.rounds[0]!.content, ways[format]?.[n]);
        // Chance of its own, by the seed: what fails once fails again.
        const { log, state } = playThrough(show, room, seeded(room.seed));
        expect(state.phase).toBe('closed');
        // On a trail all may come to rest in their one turn, and are asked nothing.
        expect(log.some(({ type }) => type === 'picked' || type === 'asked' || type === 'acted')).toBe(true);
        const found = tally(log, state.scores);
        expect({ ...found, log: found.agrees ? [] : log.slice(1) }).toMatchObject({ agrees: true });
      }),
      { numRuns: Number(process.env.RUNS ?? 60) },
    );
  });
});

test('the same seed is the same evening, another one another', () => {
  const play = (seed: string) =>
    playThrough(showOf('quiz', { floor: 'everyone' }), { ...usualRoom, seed }, Math.random).log.length;
  const log = (seed: string) =>
    JSON.stringify(
      playThrough(showOf('board', {}), { ...usualRoom, seed }, Math.random).log.map((one) => one.type),
    );
  expect(log('tide')).toBe(log('tide'));
  expect(play('tide')).toBeGreaterThan(100);
});

test('who is better in the room is better in the end: shares of marks follow skill', () => {
  const share = (skill: 'weak' | 'strong') => {
    const { state } = playThrough(
      showOf('quiz', { floor: 'everyone' }, { devices: { mode: 'each', score: 'players', combine: 'mean' } }),
      { ...usualRoom, count: 40, skill, seed: 'room' },
      Math.random,
    );
    const marks = state.played.flatMap((play) => play.responses.map((one) => one.share));
    return marks.reduce((sum, one) => sum + one, 0) / marks.length;
  };
  expect(share('strong')).toBeGreaterThan(share('weak') + 0.2);
});

test('a wrong score is found, whoever lost it', () => {
  const { log, state } = playThrough(showOf('quiz', {}), { ...usualRoom, seed: 'x' }, Math.random);
  const [team, score] = [...state.scores][0]!;
  const wrong = tally(log, new Map([...state.scores, [team, score + 10]]));
  expect(wrong.agrees).toBe(false);
  expect(wrong.lines.find((line) => line.team === team)).toMatchObject({ onPaper: score, kept: score + 10 });
});

describe('typical answers', () => {
  test.each(
    everyKind().filter(({ answer }) => kindOf(answer.kind).given === 'handset' && kindOf(answer.kind).keyed),
  )('of kind $answer.kind: right ones are marked right, wrong ones are not', ({ answer }) => {
    const kind = kindOf(answer.kind);
    const random = seeded('guess');
    for (let i = 0; i < 40; i++) {
      const order = kind.layOut(answer, random, true);
      for (const right of [true, false]) {
        const wire = guess(question('q', 'Ask', answer), order, right, random);
        const read = kind.read(answer, order, wire);
        expect(read).not.toBeNull();
        const share = kind.mark(answer, read as never, [read as never]);
        expect(share === 1).toBe(right);
      }
    }
  });
});

test('a schedule hands out the earliest first, whatever the order of coming', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(1000)), (times) => {
      const schedule = new Schedule();
      for (const at of times) schedule.add({ at } as Move);
      const taken = times.map(() => schedule.take()!.at);
      expect(taken).toEqual([...times].sort((a, b) => a - b));
      expect(schedule.take()).toBeNull();
    }),
  );
});

test('where the time went adds up to the whole, and the longest questions stand first', () => {
  const { log } = playThrough(showOf('board', {}), { ...usualRoom, seed: 'time' }, Math.random);
  const { total, stages: spent, slowest } = timeLost(log);
  expect(Object.values(spent).reduce((sum, one) => sum + one, 0)).toBeCloseTo(total, 6);
  expect(spent.answering).toBeGreaterThan(0);
  expect(slowest.map((one) => one.seconds)).toEqual(slowest.map((one) => one.seconds).sort((a, b) => b - a));
  expect(timeLost(log.slice(0, 1)).total).toBe(0);
});

test('a clock that changes its rate neither jumps nor goes back', () => {
  fc.assert(
    fc.property(
      fc.array(fc.record({ after: fc.nat(10_000), rate: fc.constantFrom(1, 2, 5, 20) }), { minLength: 1 }),
      (changes) => {
        let clock = pacedClock(1000);
        let real = 1000;
        for (const { after, rate } of changes) {
          const before = virtualAt(clock, real + after);
          expect(before).toBe(virtualAt(clock, real) + after * clock.rate);
          real += after;
          clock = atRate(clock, rate, real);
          expect(virtualAt(clock, real)).toBe(before);
        }
      },
    ),
  );
});
