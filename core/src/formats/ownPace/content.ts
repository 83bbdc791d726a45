import * as v from 'valibot';
import { Points } from '../points.ts';
import { whole } from '../../text/schemas.ts';
import { sequenceEntries } from '../items.ts';

/** What the round is played for: most when its clock ends, first to an amount, or an amount of all together. */
export const goals = ['most', 'first', 'together'] as const;
/** Which question comes next for somebody: any, or one that suits what they know. */
export const nexts = ['chance', 'level'] as const;
/** How the stage shows who is where: by name, the first of them only, or without any name. */
export const rankings = ['names', 'top', 'none'] as const;

export const OwnPaceContent = v.object({
  ...sequenceEntries,
  /** What a wrong answer costs. */
  loss: whole(0, 1_000_000),
  /** What everybody begins with. */
  start: Points,
  goal: v.picklist(goals),
  /** The amount, where the goal is one. */
  amount: whole(1, 1_000_000),
  /** Whether each is shown the key after each answer. */
  key: v.boolean(),
  /** So many right in a row bring so many points more; null for no such bonus. */
  streak: v.nullable(v.object({ length: whole(2, 20), points: whole(1, 100_000) })),
  ranking: v.picklist(rankings),
  next: v.optional(v.picklist(nexts), 'chance'),
  /** Whether each question comes to everybody once, and the round ends with the last; else they come again. */
  once: v.optional(v.boolean(), false),
});
export type OwnPaceContent = v.InferOutput<typeof OwnPaceContent>;

export const blankOwnPace = (): OwnPaceContent => ({
  items: [],
  points: 25,
  shuffle: true,
  loss: 25,
  start: 0,
  goal: 'most',
  amount: 1000,
  key: true,
  streak: null,
  ranking: 'names',
  next: 'chance',
  once: false,
});
