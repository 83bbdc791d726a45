import type { Settled } from '../../formats/format.ts';
import { formatOf } from '../../formats/index.ts';
import type { Draft } from '../events.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';
import { tableOf } from '../read/table.ts';

/** A question that is settled, or settled anew, with what the format of its round lets follow from it. */
export function withConsequences(state: SittingState, question: QuestionInPlay, settled: Settled): Draft[] {
  const { format, state: round } = state.begun[question.begun]!;
  return [
    settled,
    ...ofRound(formatOf(format).follows(round, settled, question.ref, tableOf(state)), question.begun),
  ];
}

/** Lines of the ledger that a format writes are points of its round. */
export const ofRound = (drafts: readonly Draft[], begun: number): Draft[] =>
  drafts.map((draft) =>
    draft.type === 'scored' && draft.cause.by === 'format'
      ? { ...draft, cause: { ...draft.cause, begun } }
      : draft,
  );
