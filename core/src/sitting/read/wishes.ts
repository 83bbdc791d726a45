import { canChooseTogether } from '../../show/choosing.ts';
import { seatsOf, type SittingState } from '../state.ts';
import { rulesOf } from './inPlay.ts';

/** What those of a team wish for who choose together: the most wanted first, and of how many people. */
export interface Wishes {
  counts: { ref: string; count: number }[];
  of: number;
}

/** Whether most of a team choose what is asked, on a phone each; else whoever of it is first. */
export function choosesTogether(state: SittingState): boolean {
  const written = state.round && state.show.rounds[state.round.index];
  return (
    written !== null &&
    written !== undefined &&
    rulesOf(state).chosenBy === 'most' &&
    canChooseTogether(written, state.show.devices)
  );
}

/** The wishes of a team as they stand, or would with others; of those who are `here`, all where nothing is said. */
export function wishesOf(
  state: SittingState,
  team: string,
  wishes: ReadonlyMap<string, string> = state.wishes,
  here = (_seat: string) => true,
): Wishes {
  const seats = seatsOf(state, team).filter(({ id }) => here(id));
  const counts = new Map<string, number>();
  for (const { id } of seats) {
    const ref = wishes.get(id);
    if (ref !== undefined) counts.set(ref, (counts.get(ref) ?? 0) + 1);
  }
  const sorted = [...counts].map(([ref, count]) => ({ ref, count })).sort((a, b) => b.count - a.count);
  return { counts: sorted, of: seats.length };
}
