import type { Table } from '../../formats/format.ts';
import type { SittingState } from '../state.ts';

/** What a format may look at while it decides. */
export const tableOf = (state: SittingState): Table => ({
  teams: state.teams.map((team) => team.id),
  turn: state.turn,
  busy: state.question !== null,
});
