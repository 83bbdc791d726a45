import { formatOf } from '../../formats/index.ts';
import type { SittingState } from '../state.ts';
import { aloneIn } from './alone.ts';
import { rulesOf } from './inPlay.ts';
import { playing } from './roundCount.ts';

/** Whether somebody is in turn in the round that is on: to answer, or to choose what all answer. */
export const hasTurns = (state: SittingState): boolean =>
  state.round !== null &&
  formatOf(state.round.format).inTurns &&
  (rulesOf(state).floor === 'turn' || formatOf(state.round.format).chosen) &&
  aloneIn(state) === null;

/**
 * How many turns each team still has, where the round ends by them: a number for each, or – once the clock of the
 * round has run out – as many as it takes until all had the same. Null where turns do not end it.
 */
export function turnsLeft(state: SittingState): Map<string, number> | null {
  if (!hasTurns(state)) return null;
  const { turnsEach } = rulesOf(state);
  const taken = (team: string) => state.turnsTaken.get(team) ?? 0;
  const ids = playing(state).map(({ id }) => id);
  const ended = state.round!.ended !== null;
  if (!ended && turnsEach === null) return null;
  const most = Math.max(0, ...ids.map(taken));
  const each = ended ? most : turnsEach!;
  return new Map(ids.map((id) => [id, Math.max(0, each - taken(id))]));
}
