import { formatOf } from '../../formats/index.ts';
import type { SittingState } from '../state.ts';

/** Of whom the questions of the round that is on are asked alone: of people, or of teams as one; null where of all together. */
export function aloneIn({ show, round }: SittingState): 'people' | 'teams' | null {
  const written = round && show.rounds[round.index];
  return written ? formatOf(written.format).alone(written.content) : null;
}

/** Whether those who are asked alone choose their questions themselves. */
export const choosesAlone = (state: SittingState): boolean =>
  state.round !== null && formatOf(state.round.format).chosen && aloneIn(state) !== null;
