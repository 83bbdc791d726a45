import { seatsOf, type SittingState } from '../state.ts';
import { publicView, type PublicView } from './public.ts';

export interface StageView extends PublicView {
  /** Names by team, while people are coming in. */
  lobby: Record<string, string[]> | null;
}

export function stageView(state: SittingState): StageView {
  const lobby =
    state.phase === 'lobby'
      ? Object.fromEntries(
          state.show.teams.map((team) => [team.id, seatsOf(state, team.id).map((seat) => seat.name)]),
        )
      : null;
  return { ...publicView(state), lobby };
}
