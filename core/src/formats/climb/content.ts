import * as v from 'valibot';
import { Points } from '../points.ts';
import { whole } from '../../text/schemas.ts';
import { sequenceEntries } from '../items.ts';

export const FEWEST_RUNGS = 5;
export const MOST_RUNGS = 20;
/** What may help on the way: two wrong options fewer, one other person, or everybody else. */
export const assists = ['thin', 'voice', 'room'] as const;
export type Assist = (typeof assists)[number];

export const ClimbContent = v.object({
  ...sequenceEntries,
  /** What is kept by stopping on each rung, from the lowest up. */
  rungs: v.pipe(
    v.array(Points),
    v.minLength(FEWEST_RUNGS, `At least ${FEWEST_RUNGS} rungs.`),
    v.maxLength(MOST_RUNGS, `At most ${MOST_RUNGS} rungs.`),
  ),
  /** Rungs whose value is kept after a miss further up, counted from 1. */
  rests: v.pipe(v.array(whole(1, MOST_RUNGS)), v.maxLength(MOST_RUNGS)),
  /** Which question stands on which rung: as they are written, or the easier the lower. */
  order: v.picklist(['written', 'difficulty']),
  /** How often each assist may be used in one climb; 0 switches it off. */
  assists: v.object({ thin: whole(0, 3), voice: whole(0, 3), room: whole(0, 3) }),
  /** Seconds that others have to say what they think. */
  adviceClock: whole(5, 300),
  /** How many climbs there are in the round, and how often the same may climb. */
  climbs: whole(1, 50),
  attempts: whole(1, 9),
});
export type ClimbContent = v.InferOutput<typeof ClimbContent>;

/** Fifteen rungs with rests on the fifth and the tenth: common practice. */
export const blankClimb = (): ClimbContent => ({
  items: [],
  points: 0,
  shuffle: false,
  rungs: [10, 20, 30, 40, 60, 80, 100, 150, 200, 250, 300, 400, 500, 700, 1000],
  rests: [5, 10],
  order: 'difficulty',
  assists: { thin: 1, voice: 1, room: 1 },
  adviceClock: 30,
  climbs: 1,
  attempts: 1,
});
