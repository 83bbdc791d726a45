import * as v from 'valibot';
import { Id, line } from '../text/schemas.ts';
import { freeWeave, Weave } from './weave.ts';

export const MIN_TEAMS = 2;
export const MAX_TEAMS = 50;

export const Team = v.object({ id: Id, name: line(40), weave: Weave });
export type Team = v.InferOutput<typeof Team>;

/** A further team for `teams`, with a weave that none of them has. */
export function newTeam(teams: readonly Team[], name: string, newId: () => string): Team {
  return { id: newId(), name, weave: freeWeave(teams.map((team) => team.weave)) };
}
