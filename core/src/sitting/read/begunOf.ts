import type { Cause } from '../ledger.ts';
import { playOf, type BegunRound, type SittingState } from '../state.ts';

/** The round to which a line of the ledger belongs; null for what the host gave or took. */
export function begunOf(state: SittingState, cause: Cause): BegunRound | null {
  if (cause.by === 'format') return cause.begun === undefined ? null : (state.begun[cause.begun] ?? null);
  if (cause.by === 'round') return state.begun[cause.begun] ?? null;
  const play = cause.by === 'ruling' && cause.play !== undefined ? playOf(state, cause.play) : null;
  return play ? (state.begun[play.begun] ?? null) : null;
}
