import * as v from 'valibot';
import { whole } from '../text/schemas.ts';
import type { PacedClock } from './pacedClock.ts';

/** How a rehearsal is run: by hand or by itself, how fast, and where it comes to a halt. */
export const RehearsalWish = v.object({
  byItself: v.boolean(),
  /** Times as fast as people. */
  rate: v.pipe(v.number(), v.minValue(1), v.maxValue(20)),
  /** A place in the running order, the next question, or the next key; null for the close. */
  stopBefore: v.nullable(v.union([whole(0, 99), v.picklist(['question', 'key'])])),
});
export type RehearsalWish = v.InferOutput<typeof RehearsalWish>;

/** What everybody at a rehearsal is told of it. */
export interface RehearsalTold extends RehearsalWish {
  clock: PacedClock;
  standIns: number;
}
