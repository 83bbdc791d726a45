import * as v from 'valibot';
import { line } from '../text/schemas.ts';

export const MAX_ROSTER = 1000;

export const intoTeams = ['choose', 'host', 'drawn', 'listed'] as const;

/** Who may come in, and how people come into teams. */
export const Doors = v.object({
  /** Whether people may still come in once the show has begun. */
  late: v.boolean(),
  /** Players choose their team, the host puts them into one, it is drawn, or the teams' lists of members say it. */
  teams: v.picklist(intoTeams),
  /** From which the draw follows; empty for another one at every sitting. */
  seed: line(40),
  /** Only names that Distaff makes up, so that nobody plays under their own. */
  madeNames: v.optional(v.boolean()),
  /** The only names that are let in; empty for any. */
  roster: v.pipe(v.array(line(24)), v.maxLength(MAX_ROSTER, `At most ${MAX_ROSTER} names.`)),
});
export type Doors = v.InferOutput<typeof Doors>;

export const defaultDoors: Doors = { late: true, teams: 'choose', seed: '', roster: [] };
