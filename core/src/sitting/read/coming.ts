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

/** The question that comes next by itself, once the one in play is over; null where people choose it. */
export function comingQuestion(state: SittingState): Question | null {
  if (!state.round || state.question || isRoundOver(state)) return null;
  const format = formatOf(state.round.format);
  const ref = format.next(state.round.state);
  const picked = ref === null ? null : format.choose(state.round.state, ref, tableOf(state), () => 0.5);
  return picked && !isRefusal(picked) ? (state.show.questions[picked.question] ?? null) : null;
}
