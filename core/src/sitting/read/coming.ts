import { isRoundOver } from './asking.ts';
import { formatOf } from '../../formats/index.ts';
import type { Question } from '../../question/question.ts';
import { isRefusal } from '../../refusal.ts';
import type { SittingState } from '../state.ts';
import { tableOf } from './table.ts';

/** The place in the running order that comes after the round that is on, or null after the last. */
export function nextRound(state: SittingState): number | null {
  const next = state.round ? state.round.index + 1 : 0;
  return next < state.show.rounds.length ? next : null;
}

/** Chances between the least and the greatest: a question that is the same for all of them is not drawn. */
const CHANCES = [0, 0.34, 0.67, 1 - Number.EPSILON];

/** The question that comes next by itself, once the one in play is over; null where people choose it, or it is drawn. */
export function comingQuestion(state: SittingState): Question | null {
  if (!state.round || state.question || isRoundOver(state)) return null;
  const format = formatOf(state.round.format);
  const ref = format.next(state.round.state);
  if (ref === null) return null;
  const own = state.round.state;
  const found = CHANCES.map((chance) => format.choose(own, ref, tableOf(state), () => chance));
  const [first] = found;
  if (!first || isRefusal(first)) return null;
  const isDrawn = found.some((one) => isRefusal(one) || one.question !== first.question);
  return isDrawn ? null : (state.show.questions[first.question] ?? null);
}
