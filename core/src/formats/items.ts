import * as v from 'valibot';
import { Selection } from '../library/selection.ts';
import { Id } from '../text/schemas.ts';
import { Points } from './points.ts';

/** Questions that are played one after the other, as several formats do. */
export const MAX_ITEMS = 200;

export const sequenceEntries = {
  /** By the ids of their questions; `points` where one differs from the others. */
  items: v.pipe(
    v.array(v.object({ id: Id, points: v.nullable(Points) })),
    v.maxLength(MAX_ITEMS, `At most ${MAX_ITEMS} questions a round.`),
  ),
  points: Points,
  shuffle: v.boolean(),
  /** The rule by which the questions were taken from the library; none where each was chosen. */
  rule: v.optional(v.nullable(Selection)),
};
/** What a round says whose questions come one after the other. */
export interface Sequence {
  items: { id: string; points: number | null }[];
  points: number;
  shuffle: boolean;
  rule?: Selection | null | undefined;
}
