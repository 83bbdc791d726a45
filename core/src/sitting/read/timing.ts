import { formatOf } from '../../formats/index.ts';
import type { Question } from '../../question/question.ts';
import { questionSpan } from '../../show/length/question.ts';
import type { Tempo } from '../../show/length/tempo.ts';
import { atPace, roundLength, severalSpan, usualSpan, type RoundLength } from '../../show/length/show.ts';
import { times, together, type Span } from '../../time/span.ts';
import type { Show } from '../../show/show.ts';
import { rulesAt, rulesFor, writtenQuestion } from './inPlay.ts';
import { isRunning } from '../../time/clock.ts';
import { isAsking } from './asking.ts';
import type { BegunRound, QuestionInPlay, SittingState } from '../state.ts';

/** A longer time from one question to the next is a break, not a pace (ms). */
const LONGEST = 10 * 60_000;
/** So much estimated time (s) of this sitting counts as much as what is known of the host from before. */
const PRIOR = 240;
/** Questions without which a sitting says nothing about a pace. */
const TELLING = 5;

/** What was estimated for questions, to be asked for at every change: by the question as it was frozen. */
const known = new WeakMap<Question, number>();
function likelyFor(state: SittingState, play: QuestionInPlay): number {
  const question = writtenQuestion(state, play);
  let likely = known.get(question);
  if (likely === undefined) {
    const { format } = state.begun[play.begun]!;
    likely = questionSpan(question, rulesFor(state, play), formatOf(format).chosen).likely;
    known.set(question, likely);
  }
  return likely;
}

/** Estimated and actual time from question to question so far, in seconds, and over how many. */
export function paceSoFar(state: SittingState): { estimated: number; actual: number; questions: number } {
  const plays = state.question ? [...state.played, state.question] : state.played;
  const sum = { estimated: 0, actual: 0, questions: 0 };
  for (let i = 1; i < plays.length; i++) {
    const [one, next] = [plays[i - 1]!, plays[i]!];
    const took = next.pickedAt - one.pickedAt;
    if (one.begun !== next.begun || took <= 0 || took > LONGEST) continue;
    sum.estimated += likelyFor(state, one);
    sum.actual += took / 1000;
    sum.questions++;
  }
  return sum;
}

/** Actual over estimated time of a whole sitting; null where too little was played to tell. */
export function measuredPace(state: SittingState): number | null {
  const { estimated, actual, questions } = paceSoFar(state);
  return questions < TELLING || estimated <= 0 ? null : actual / estimated;
}

/** How fast it goes: what is known of the host, more and more of it from this sitting. */
function factorNow(state: SittingState, before: Tempo): number {
  const { estimated, actual } = paceSoFar(state);
  return (before.factor * PRIOR + actual) / (PRIOR + estimated);
}

/** How the time goes, as far as the state tells; from it and the time of day follows when the end is to be expected. */
export interface Timing {
  /** When the first round began (server ms), or null. */
  startedAt: number | null;
  plannedMinutes: number | null;
  /** The question in play: since when (ms), and how long it is likely to take in all (s). */
  question: { since: number; likely: number } | null;
  /** All that comes after it (s). */
  rest: Span;
  /** What is still to come of the running order, by its place there, each with its likely length (s). */
  coming: { index: number; seconds: number }[];
}

/** What one question of a round takes and what whole rounds take, worked out once for a frozen show. */
const lengths = new WeakMap<Show, { one: Map<number, Span>; whole: Map<string, RoundLength> }>();
function lengthsOf(state: SittingState) {
  let found = lengths.get(state.show);
  if (!found) lengths.set(state.show, (found = { one: new Map(), whole: new Map() }));
  return found;
}
function oneOf(state: SittingState, index: number): Span {
  const { one } = lengthsOf(state);
  const { show } = state;
  if (!one.has(index)) one.set(index, usualSpan(show.rounds[index]!, rulesAt(state, index), show.questions));
  return one.get(index)!;
}
function wholeOf(state: SittingState, index: number): RoundLength {
  const { whole } = lengthsOf(state);
  const teams = state.teams.length;
  const key = `${index} ${teams}`;
  if (!whole.has(key)) whole.set(key, roundLength(state.show.rounds[index]!, state.show.questions, teams));
  return whole.get(key)!;
}

/** A round with a clock of its own ends when that does: since when it runs (ms), and how long it takes (s). */
function timeOf({ clock, limit }: BegunRound): Timing['question'] {
  return isRunning(clock) && limit !== null ? { since: clock.deadline - limit, likely: limit / 1000 } : null;
}

export function timingOf(state: SittingState): Timing {
  const factor = factorNow(state, state.pace);
  const { round, question } = state;
  const begun = new Set(state.begun.map((one) => one.index));
  const coming = state.show.rounds
    .map((_, index) => index)
    .filter((index) => !begun.has(index) && index > (round?.index ?? -1));
  const spans = coming.map((index) => atPace(wholeOf(state, index), factor));
  const own =
    round && state.phase === 'round' ? formatOf(round.format).left(round.state, state.teams.length) : null;
  const alone = round && isAsking(state) ? timeOf(round) : null;
  if (round && own && !alone) {
    // What is in play is still counted by the format, unless it is settled.
    const inPlay = question && question.settledAt === null ? 1 : 0;
    const left = {
      low: Math.max(0, own.low - inPlay),
      likely: Math.max(0, own.likely - inPlay),
      high: Math.max(0, own.high - inPlay),
    };
    spans.push(times(severalSpan(oneOf(state, round.index), left), factor));
  }
  return {
    startedAt: state.startedAt,
    plannedMinutes: state.show.plannedMinutes ?? null,
    question:
      alone ?? (question && { since: question.pickedAt, likely: likelyFor(state, question) * factor }),
    rest: state.phase === 'closed' ? { low: 0, likely: 0, high: 0 } : together(spans),
    coming: coming.map((index, i) => ({ index, seconds: spans[i]!.likely })),
  };
}

/** When the end is to be expected at the moment `now` (ms), and how far that is behind the plan (s; null without one). */
export function expectedEnd(timing: Timing, now: number): { end: number; behind: number | null } {
  const { question, rest, startedAt, plannedMinutes } = timing;
  const ofQuestion = question ? Math.max(0, question.since + question.likely * 1000 - now) : 0;
  const end = now + ofQuestion + rest.likely * 1000;
  const planned = plannedMinutes === null ? null : (startedAt ?? now) + plannedMinutes * 60_000;
  return { end, behind: planned === null ? null : (end - planned) / 1000 };
}
