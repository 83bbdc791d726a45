import { formatOf } from '../../formats/index.ts';
import { questionsIn } from '../fill.ts';
import { allAsPlayed, lacksOf } from '../../question/asPlayed.ts';
import type { Question } from '../../question/question.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { Round, Show } from '../show.ts';
import { NO_TEMPO, type Tempo } from './tempo.ts';
import { questionSpan } from './question.ts';
import { exactly, NOTHING, times, together, widened, type Span } from '../../time/span.ts';

export interface RoundLength {
  round: string;
  /** Questions that are likely to be played. */
  questions: number;
  span: Span;
  /** Whether it takes as long as is written, at whatever pace. */
  fixed: boolean;
}
export interface ShowLength {
  rounds: RoundLength[];
  /** From the first round to the close. */
  span: Span;
}

/** Saying what a round is about and how it goes, and the standings after it (s). */
const BEGINNING = 20;
const STANDINGS = 15;
/** How far hosts differ from each other, and one host from evening to evening. */
const UNMEASURED = 0.2;
const MEASURED = 0.08;

const mean = (spans: readonly Span[]): Span =>
  spans.length === 0
    ? NOTHING
    : times(
        spans.reduce((sum, one) => ({
          low: sum.low + one.low,
          likely: sum.likely + one.likely,
          high: sum.high + one.high,
        })),
        1 / spans.length,
      );

/** What one question of a round takes, on average over those that can be played. */
export function usualSpan(round: Round, rules: RoundRules, questions: Record<string, Question>): Span {
  const format = formatOf(round.format);
  return mean(
    questionsIn(round)
      .flatMap((id) => questions[id] ?? [])
      .filter((question) => lacksOf(question).length === 0)
      .map((question) => questionSpan(question, rules, format.chosen)),
  );
}

/** What several questions take of which one takes `one`; how many they are may be unsure as well. */
export function severalSpan(one: Span, left: Span): Span {
  const sum = together(Array.from({ length: Math.round(left.likely) }, () => one));
  return {
    low: Math.max(0, sum.low - (left.likely - left.low) * one.likely),
    likely: one.likely * left.likely,
    high: sum.high + (left.high - left.likely) * one.likely,
  };
}

/** How long a round or an interlude takes, as it is written; for so many who play. */
export function roundLength(round: Round, questions: Record<string, Question>, teams: number): RoundLength {
  const format = formatOf(round.format);
  const lasts = format.lasts(round.content);
  if (lasts) return { round: round.id, questions: 0, span: exactly(lasts.seconds), fixed: lasts.fixed };
  const rules = { ...round.rules, ...format.prescribes };
  if (format.alone(round.content) !== null && rules.roundClock !== null) {
    const span = together([exactly(rules.roundClock), exactly(BEGINNING + STANDINGS)]);
    return { round: round.id, questions: format.places(round.content).length, span, fixed: false };
  }
  const played = allAsPlayed(questions);
  const dealt = format.deal(round.content, played, () => 0.5, []);
  const turns =
    rules.turnsEach !== null && (rules.floor === 'turn' || format.chosen)
      ? rules.turnsEach * teams
      : Infinity;
  const left = atMost(format.left(format.begin(round.content, played, dealt), teams), turns);
  const span = atMost(severalSpan(usualSpan(round, rules, questions), left), rules.roundClock ?? Infinity);
  const frame = left.likely > 0 ? exactly(BEGINNING + STANDINGS) : NOTHING;
  return { round: round.id, questions: Math.round(left.likely), span: together([span, frame]), fixed: false };
}

const atMost = ({ low, likely, high }: Span, most: number): Span => ({
  low: Math.min(low, most),
  likely: Math.min(likely, most),
  high: Math.min(high, most),
});

/** The length of a round at the pace of a host; a break lasts as long as it is written. */
export const atPace = ({ span, fixed }: RoundLength, factor: number): Span =>
  fixed ? span : times(span, factor);

/** How long a show takes, round by round and in all; what is switched off takes nothing. */
export function showLength(show: Show, pace: Tempo = NO_TEMPO, players = 6): ShowLength {
  const teams = show.devices.score === 'players' ? players : show.teams.length;
  const rounds = show.rounds.map((round) =>
    round.off
      ? { round: round.id, questions: 0, span: NOTHING, fixed: true }
      : roundLength(round, show.questions, teams),
  );
  const paced = rounds.map((one) => ({ ...one, span: atPace(one, pace.factor) }));
  const sum = together(paced.map((one) => one.span));
  return { rounds: paced, span: widened(sum, pace.sittings > 0 ? MEASURED : UNMEASURED) };
}
