import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { scoreHistory } from '../report/scores.ts';
import { reportOf } from '../report/report.ts';
import { movesBetween } from '../report/moves.ts';
import { personOf } from '../report/person.ts';
import type { RoundRules } from '../formats/rules.ts';
import type { AnswerContent } from '../question/kinds/index.ts';
import { fold } from './sitting.ts';
import type { SittingState } from './state.ts';
import { nextStep } from './read/nextStep.ts';
import { quizOf } from './test/quizOf.ts';
import { Table } from './test/table.ts';
import { teamViews } from './view/public.ts';

const options = ['Chalk', 'Slate', 'Sandstone'].map((text, i) => ({ id: `k${i}`, text }));
const choice: AnswerContent = { kind: 'choice', options, key: 'k0' };

/** What each of three players answers to each question: an option, or nothing; and after how many seconds. */
interface Evening {
  slots: (number | null)[][];
  rules: Partial<RoundRules>;
  score: 'teams' | 'players';
}
const evening: fc.Arbitrary<Evening> = fc.record({
  slots: fc.array(fc.array(fc.option(fc.integer({ min: 0, max: 2 })), { minLength: 3, maxLength: 3 }), {
    minLength: 2,
    maxLength: 4,
  }),
  rules: fc.record({
    penalty: fc.constantFrom('none' as const, 'part' as const, 'full' as const),
    lowest: fc.constantFrom(null, 0),
    speed: fc.constantFrom(null, { keep: 50, grace: 0 }),
  }),
  score: fc.constantFrom('teams' as const, 'players' as const),
});

/** Plays it to the close; `points` are what the questions are worth from the start. */
function played({ slots, rules, score }: Evening, points: (number | null)[] = []): Table {
  const show = quizOf(
    slots.map(() => choice),
    { shuffleOptions: false, floor: 'everyone', ...rules },
    { mode: 'each', score },
  );
  const [round] = show.rounds;
  if (round!.format === 'quiz')
    round!.content.items = round!.content.items.map((item, i) => ({
      ...item,
      points: points[i] ?? item.points,
    }));
  const table = new Table(show).do('begin');
  for (const row of slots) {
    table.do(nextStep(table.state).command!, 'pose', 'open');
    row.forEach((slot, i) => {
      table.now += 700;
      if (slot !== null) table.answer(`s${i}`, { slot });
    });
    // It locks by itself once everybody has answered.
    if (table.state.question!.step === 'open') table.do('lock');
    table.do('showKey', 'settle', 'leave');
  }
  return table.do('close');
}
const told = (state: SittingState) => ({
  standings: teamViews(state).map(({ id, score, place }) => ({ id, score, place })),
  shares: reportOf(state).knowers.map(({ name, share }) => ({ name, share })),
  last: scoreHistory(state, null).teams.map(({ id, points }) => [id, points.at(-1)![1]]),
});
const playOfQuestion = (table: Table, i: number) => table.state.played[i]!.play;

describe('a question that is over is weighed otherwise', () => {
  test('points changed later come to the same as if it had been worth that from the start', () => {
    fc.assert(
      fc.property(evening, fc.nat(), fc.integer({ min: 0, max: 900 }), (own, n, points) => {
        const at = n % own.slots.length;
        const late = played(own);
        const worth = late.state.played[at]!.points;
        fc.pre(points !== worth);
        late.do({ type: 'reweigh', play: playOfQuestion(late, at), points });
        const early = played(
          own,
          own.slots.map((_, i) => (i === at ? points : null)),
        );
        expect(told(late.state)).toEqual(told(early.state));
      }),
      { numRuns: 40 },
    );
  });

  test('for nobody: as if nobody had answered it; for all: each has its value; and as played again, as it was', () => {
    fc.assert(
      fc.property(evening, fc.nat(), (own, n) => {
        const at = n % own.slots.length;
        const table = played(own);
        const before = told(table.state);
        const play = playOfQuestion(table, at);
        table.do({ type: 'reweigh', play, counts: 'nobody' });
        const without = played({
          ...own,
          slots: own.slots.map((row, i) => (i === at ? row.map(() => null) : row)),
        });
        expect(told(table.state).standings).toEqual(told(without.state).standings);
        table.do({ type: 'reweigh', play, counts: 'all' });
        const { plays, paid } = table.state;
        for (const { id } of table.state.teams) expect(paid.get(play)?.get(id)).toBe(plays.get(play)!.points);
        table.do({ type: 'reweigh', play, counts: 'asPlayed' });
        expect(told(table.state)).toEqual(before);
        // And the log alone says so.
        expect(told(fold(table.sitting.log))).toEqual(before);
      }),
      { numRuns: 40 },
    );
  });

  test('it is a step that can be taken back, and one that changes nothing is refused', () => {
    const table = played({
      slots: [
        [0, 1, 0],
        [0, 0, 0],
      ],
      rules: {},
      score: 'teams',
    });
    const before = told(table.state);
    const play = playOfQuestion(table, 0);
    const earlier = fold(table.sitting.log);
    table.do({ type: 'reweigh', play, counts: 'nobody' });
    const { corrections, knowers, items, overview } = reportOf(table.state);
    expect(corrections).toHaveLength(1);
    // It is none of the marks any more, but stands there with what it told.
    expect(knowers.map(({ share }) => share)).toEqual([1, 1, 1]);
    expect(items[0]).toMatchObject({ counts: 'nobody', figures: { share: 2 / 3 } });
    expect(overview.missed).toEqual([]);
    const moves = movesBetween(earlier, table.state);
    expect(moves.shares).toEqual([{ id: 's1', name: 'Player 1', share: { before: 0.5, after: 1 } }]);
    expect(moves.teams.map(({ score }) => score.after - score.before)).toEqual([-100, 0, -100]);
    expect(table.send({ type: 'reweigh', play, counts: 'nobody' })).toMatchObject({ refused: 'already' });
    table.do({ type: 'takeBack', to: corrections[0]! });
    expect(told(table.state)).toEqual(before);
  });
});

test('what somebody is told of each answer multiplies to what it brought', () => {
  fc.assert(
    fc.property(evening, (own) => {
      const { state } = played({ ...own, score: 'players' });
      for (const { id } of reportOf(state).knowers)
        for (const { worth, lines } of personOf(state, id)!.answers) {
          const brought = lines.reduce((sum, { amount }) => sum + amount, 0);
          const product = worth?.parts.reduce((all, { times }) => all * times, 1) ?? 0;
          expect(worth?.points ?? 0).toBe(Math.floor(product + 0.5) + 0);
          // A floor for scores takes less.
          if (own.rules.lowest === null) expect(brought).toBe(worth?.points ?? 0);
        }
    }),
    { numRuns: 40 },
  );
});
