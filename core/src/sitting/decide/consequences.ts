import type { Settled } from '../../formats/format.ts';
import { formatOf } from '../../formats/index.ts';
import type { Draft } from '../events.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';
import { tableOf } from '../read/table.ts';

/** A question that is settled, or settled anew, with what the format of its round lets follow from it. */
export function withConsequences(state: SittingState, question: QuestionInPlay, settled: Settled): Draft[] {
  const { format, state: round } = state.begun[question.begun]!;
  return [settled, ...formatOf(format).follows(round, settled, question.ref, tableOf(state))];
}
