import { formatOf } from '../formats/index.ts';
import type { Round, Show } from '../show/show.ts';
import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import { readingSilently } from '../show/length/question.ts';
import { timesFor } from '../sitting/read/worth.ts';
import type { QuestionInPlay, SittingState } from '../sitting/state.ts';
import { SEAT } from './run.ts';

/** How one question of a practice went. */
export interface Length {
  question: string;
  /** The share of the marks at the last time that it was asked, 0 … 1, less for a second try. */
  share: number;
  /** Its first answer did not stand. */
  again: boolean;
}

/** How a run stands: what a page of many shows of each, worked out once after every answer. */
export interface RunSummary {
  /** How the questions went that are over, in the order in which they were asked. */
  lengths: Length[];
  /** How many there are in all. */
  of: number;
  /** Points: a whole one for each right question, as its weight says. */
  points: number;
  outOf: number;
  /** What the show would have given for it. */
  score: number;
  over: boolean;
}

/** What is asked in a round – a cell of a board, a rung, a question of a list – with its weight; pages to read are not. */
function asksIn(round: Round, { questions }: Show): number[] {
  if (round.format === 'climb')
    return Array<number>(Math.min(round.content.rungs.length, round.content.items.length)).fill(1);
  return formatOf(round.format)
    .places(round.content)
    .flatMap(({ question }) => {
      const written = question === null ? undefined : questions[question];
      return written && isAsked(written) ? [written.weight] : [];
    });
}

const isAsked = ({ answer }: Question): boolean => kindOf(answer.kind).given !== 'nowhere';

/** How many questions a practice has, and how many points there are for them. */
export function sizeOf(show: Show): { of: number; outOf: number } {
  const all = show.rounds.flatMap((round) => asksIn(round, show));
  return { of: all.length, outOf: all.reduce((sum, weight) => sum + weight, 0) };
}

const isOver = (play: QuestionInPlay): boolean => play.settledAt !== null;

/** How good the answer to a question was (0 … 1), with what a second try left of that. */
export const shareOf = (play: QuestionInPlay): number =>
  (play.byWho.get(SEAT)?.share ?? 0) * timesFor(play, { team: SEAT, who: SEAT }, 'gain');

const lengthOf = (play: QuestionInPlay): Length => ({
  question: play.question,
  share: shareOf(play),
  again: play.again.size > 0,
});

/** How a run stands. A question that comes again counts as it was answered last. */
export function summaryOf(state: SittingState): RunSummary {
  const { show } = state;
  const byPlace = new Map<string, Length>();
  for (const play of state.plays.values()) {
    if (!isOver(play) || !isAsked(show.questions[play.question]!)) continue;
    const place = `${play.begun} ${play.ref}`;
    byPlace.delete(place);
    byPlace.set(place, lengthOf(play));
  }
  const lengths = [...byPlace.values()];
  const points = lengths.reduce(
    (sum, { question, share }) => sum + share * (show.questions[question]?.weight ?? 1),
    0,
  );
  return {
    lengths,
    ...sizeOf(show),
    points: Math.round(points * 1000) / 1000,
    score: state.scores.get(SEAT) ?? 0,
    over: state.phase === 'closed',
  };
}

/** The questions that were missed, wholly or in part, each once. */
export const missedIn = ({ lengths }: Pick<RunSummary, 'lengths'>): string[] => [
  ...new Set(
    lengths.filter(({ share, again }) => share < 1 && !(again && share > 0)).map(({ question }) => question),
  ),
];

/** What counts of several attempts that are over: the best, the last, or their mean; null where there is none. */
export function counted(points: readonly number[], which: 'best' | 'last' | 'mean'): number | null {
  if (points.length === 0) return null;
  if (which === 'best') return Math.max(...points);
  if (which === 'last') return points.at(-1)!;
  return points.reduce((sum, one) => sum + one, 0) / points.length;
}

/** How long somebody thinks about a question beside reading it (s), and looks at what was right: from memory. */
const THINKING = 18;

/** About how long a practice takes (whole minutes, at least one). */
export function minutesOf(show: Show): number {
  const { of } = sizeOf(show);
  const questions = Object.values(show.questions);
  const each =
    questions.reduce((sum, one) => sum + readingSilently(one) + THINKING, 0) / Math.max(1, questions.length);
  return Math.max(1, Math.round((of * each) / 60));
}
