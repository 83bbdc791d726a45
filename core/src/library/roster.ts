import * as v from 'valibot';
import { line, name } from '../text/schemas.ts';

export const MAX_ROSTER = 1000;

/** A class or a club: its name, and the names of those who belong to it. */
export const Roster = v.object({
  name: name(40),
  names: v.pipe(
    v.array(v.pipe(line(24), v.trim(), v.minLength(1))),
    v.maxLength(MAX_ROSTER, `At most ${MAX_ROSTER} names.`),
  ),
});
export type Roster = v.InferOutput<typeof Roster>;
