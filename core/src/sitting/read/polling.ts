import { formatOf } from '../../formats/index.ts';
import type { Polling } from '../../formats/format.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';

/** How answers to a question are taken where they are nobody's gain; null where they are. */
export function pollingOf(state: SittingState, { begun }: Pick<QuestionInPlay, 'begun'>): Polling | null {
  const round = state.begun[begun];
  const written = round && state.show.rounds[round.index];
  return written ? formatOf(written.format).polls(written.content) : null;
}

/** Whether nobody may know who answered what. */
export const isAnonymous = (state: SittingState, question: Pick<QuestionInPlay, 'begun'>): boolean =>
  pollingOf(state, question)?.anonymous === true;

/** Below so many answers one could guess whose they are. */
const FEWEST_SHOWN = 5;

/** Whether so few answered a question without names that nothing but their number is shown; in a room without phones all is said anyhow. */
export const areTooFew = (
  state: SittingState,
  question: Pick<QuestionInPlay, 'begun'>,
  said: number,
): boolean => isAnonymous(state, question) && state.show.devices.mode !== 'none' && said < FEWEST_SHOWN;

/** How many phones there are that may answer a question without names: each for itself. */
export const voters = ({ seats, teams }: SittingState): number => {
  const known = new Set(teams.map(({ id }) => id));
  let count = 0;
  for (const seat of seats.values()) if (!seat.removed && known.has(seat.team)) count++;
  return count;
};
