import * as v from 'valibot';
import { seeded } from '../../random/seeded.ts';
import { refuse } from '../../refusal.ts';
import { Id, whole } from '../../text/schemas.ts';
import { finding } from '../finding.ts';
import { usual, type Format } from '../format.ts';
import { isKeyed } from '../keyed.ts';
import {
  beginSequence,
  dealSequence,
  filledList,
  listAsWritten,
  listWith,
  placesInList,
  sequenceFindings,
  sequenceHarm,
  type DealtSequence,
  type SequenceState,
} from '../sequence.ts';
import { blankCounterweight, MOST_COVERS, type CounterweightContent } from './content.ts';
import { balancedValues } from './values.ts';

interface Dealt extends DealtSequence {
  values: number[];
}
export interface CounterweightState extends SequenceState {
  covers: { value: number; team: string | null }[];
  /** Those of them that can be won: they come round again when all were played. */
  again: { id: string; points: number }[];
  /** The team that won a question and may have a cover lifted. */
  choosing: string | null;
}
export interface CounterweightView {
  format: 'counterweight';
  played: number;
  choosing: string | null;
  /** A value is told when its cover is up; `team` is who lifted it. */
  covers: { value: number | null; team: string | null }[];
}

/** Whoever won the question has a cover lifted by the own team or by another one. */
const Lift = v.object({ do: v.literal('lift'), cover: whole(0, MOST_COVERS - 1), team: Id });

/** Each cover takes a question that somebody answers: as a rule so many are, seldom fewer. */
const ANSWERED = 0.85;
const ANSWERED_SELDOM = 0.6;

/** The sum of the covers that a team lifted. */
const totalOf = ({ covers }: CounterweightState, team: string): number =>
  covers.reduce((sum, cover) => (cover.team === team ? sum + cover.value : sum), 0);

/** The next question: those that can be won come round again when all were played, cards and opinions do not. */
const at = ({ order, again, played }: CounterweightState) =>
  played < order.length ? order[played] : again[(played - order.length) % Math.max(1, again.length)];

/**
 * Counterweight: hidden values, each with its opposite. A right answer earns the choice of who
 * lifts a cover; when all are up, the total closest to zero wins.
 */
export const counterweight: Format<CounterweightContent, CounterweightState, CounterweightView, Dealt> = {
  ...usual,
  pays: false,
  ranksOtherwise: true,
  seenBetween: true,
  prescribes: {
    floor: 'turn',
    afterWrong: 'handOn',
    penalty: 'none',
    speed: null,
    passShare: 100,
    lowest: null,
  },
  harm: { ...sequenceHarm, nothingToWin: 5, coversNotBalanced: 23, comesRoundAgain: 24 },
  blank: blankCounterweight,
  // Covers bear the points; a question brings none.
  places: (content) => placesInList(content, false),
  filled: filledList,
  withQuestions: listWith,
  findings(content, questions) {
    const found = sequenceFindings(content, questions);
    const covers = content.values?.length ?? content.covers;
    const winnable = content.items.filter(({ id }) => isKeyed(questions[id])).length;
    if (winnable === 0 && content.items.length > 0)
      found.push(finding('nothingToWin', {}, { mustMend: true }));
    else if (winnable < covers && winnable > 0)
      found.push(finding('comesRoundAgain', { questions: winnable, covers }));
    const sum = (content.values ?? []).reduce((total, value) => total + value, 0);
    if (sum !== 0) found.push(finding('coversNotBalanced', { sum }));
    return found;
  },
  deal: (content, questions, random) => ({
    ...dealSequence(content, questions, random),
    values:
      content.values ??
      balancedValues(content.covers, content.most, content.seed ? seeded(content.seed) : random),
  }),
  asWritten: (content) => ({
    ...listAsWritten(content),
    values: content.values ?? balancedValues(content.covers, content.most, () => 0.5),
  }),
  begin(content, questions, dealt) {
    const sequence = beginSequence({ ...content, points: 0 }, dealt ?? { order: [] });
    return {
      ...sequence,
      again: sequence.order.filter(({ id }) => isKeyed(questions[id])),
      covers: (dealt?.values ?? []).map((value) => ({ value, team: null })),
      choosing: null,
    };
  },
  next: (state) => (state.choosing || counterweight.isOver(state) ? null : String(state.played)),
  choose(state, ref) {
    if (state.choosing) return refuse('notNow', 'coverFirst');
    const item = ref === String(state.played) && !counterweight.isOver(state) ? at(state) : undefined;
    if (!item) return refuse('notThere', 'notNextQuestion');
    return { ref, question: item.id, points: 0 };
  },
  place: (_state, ref) => ({ label: '', number: Number(ref) + 1, of: null }),
  waitsFor: (state) => state.choosing,
  act(state, act, table, by) {
    const read = v.safeParse(Lift, act);
    if (!read.success) return refuse('invalid', 'notHere');
    if (state.choosing === null) return refuse('notNow', 'noCoverEarned');
    if (table.busy) return refuse('notNow', 'questionOn');
    if (by.role === 'team' && by.team !== state.choosing) return refuse('notYours', 'otherChoice');
    const { cover, team } = read.output;
    const found = state.covers[cover];
    if (!found) return refuse('notThere', 'noCover');
    if (found.team !== null) return refuse('used', 'coverUp');
    if (!table.teams.includes(team)) return refuse('notThere', 'noTeam');
    return [{ type: 'acted', act: read.output }];
  },
  move({ covers, choosing }, { teams }, random) {
    const down = covers.flatMap((cover, i) => (cover.team === null ? [i] : []));
    const cover = down[Math.floor(random() * down.length)];
    if (choosing === null || cover === undefined) return null;
    // Half of the time a cover is given to somebody else: nobody knows what is under it.
    const team = random() < 0.5 ? choosing : teams[Math.floor(random() * teams.length)]!;
    return { type: 'act', act: { do: 'lift', cover, team } };
  },
  evolve(state, event) {
    if (event.type === 'settled') {
      state.played++;
      state.choosing = event.winner;
    }
    if (event.type !== 'acted') return;
    const { cover, team } = event.act as v.InferOutput<typeof Lift>;
    state.covers[cover]!.team = team;
    state.choosing = null;
  },
  left({ covers, order }) {
    const down = order.length === 0 ? 0 : covers.filter(({ team }) => team === null).length;
    return { low: down, likely: down / ANSWERED, high: down / ANSWERED_SELDOM };
  },
  isOver: (state) =>
    (state.choosing === null && state.covers.every(({ team }) => team !== null)) ||
    (state.again.length === 0 && state.played >= state.order.length),
  rankBy: (state, team) => [-Math.abs(totalOf(state, team))],
  ownScore: totalOf,
  // The nearer to zero, the less it takes.
  counted: (state, team) => -Math.abs(totalOf(state, team)),
  // Not who answered counts here, but who came to bear what.
  cloth: ({ covers }) => [
    {
      name: '',
      cells: covers.map(({ team }) => ({ used: team !== null, teams: team === null ? [] : [team] })),
    },
  ],
  facts: ({ covers, most }) => ({ covers, most }),
  view: ({ covers, choosing, played }) => ({
    format: 'counterweight',
    played,
    choosing,
    covers: covers.map(({ value, team }) => ({ value: team === null ? null : value, team })),
  }),
};
