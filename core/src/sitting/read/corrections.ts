import { refuse, type Refusal } from '../../refusal.ts';
import type { Correction } from '../command.ts';
import type { SittingState } from '../state.ts';

/** Steps that were taken since the show was closed, by the event with which each began: nothing but what was put right. */
export function correctionsIn({ steps }: SittingState): number[] {
  const closed = steps.findLastIndex(({ type }) => type === 'closed');
  return closed < 0 ? [] : steps.slice(closed + 1).map(({ seq }) => seq);
}

/** Why a correction may not be made from the results: the show is on, or it would take back more than a correction. */
export function barredCorrection(state: SittingState, command: Correction): Refusal | null {
  if (state.phase !== 'closed') return refuse('notNow', 'stillOnDesk');
  if (command.type === 'takeBack' && !correctionsIn(state).includes(command.to))
    return refuse('notNow', 'undoneAlready');
  return null;
}
