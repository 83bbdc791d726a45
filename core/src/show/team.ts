import * as v from 'valibot';
import { Id, line } from '../text/schemas.ts';
import { freeWeave, Weave } from './weave.ts';

export const MIN_TEAMS = 2;
export const MAX_TEAMS = 50;

/** Members of one team by name, and letters of one name. */
export const MAX_MEMBERS = 100;

export const Team = v.object({
  id: Id,
  name: line(40),
  weave: Weave,
  /** Who belongs to it: whoever comes in under such a name comes into this team. */
  members: v.optional(v.pipe(v.array(line(24)), v.maxLength(MAX_MEMBERS, `At most ${MAX_MEMBERS} members.`))),
});
export type Team = v.InferOutput<typeof Team>;

/** A further team for `teams`, with a weave that none of them has. */
export function newTeam(teams: readonly Team[], name: string, newId: () => string): Team {
  return { id: newId(), name, weave: freeWeave(teams.map((team) => team.weave)) };
}
