import type { Round } from '../../show/show.ts';
import type { SittingState } from '../state.ts';

/** Whether a part of the running order shows the standings. */
export const showsStandings = ({ format, content }: Round): boolean =>
  format === 'interlude' && content.what === 'standings';

/** Whether standings are on the stage now: between two questions, or as a part of the running order. */
export function areStandingsOn({ standings, phase, round, show }: SittingState): boolean {
  return standings || (phase === 'round' && round !== null && showsStandings(show.rounds[round.index]!));
}
