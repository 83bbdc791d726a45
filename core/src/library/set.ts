import * as v from 'valibot';
import { line, lines } from '../text/schemas.ts';

/** A question set as it is written; its questions are kept beside it. */
export const QuestionSet = v.object({
  title: line(120),
  description: lines(1000),
  /** A place in the library; empty for none. */
  folder: line(80),
  /** Who made it, whom to thank; a copy keeps it. */
  credit: v.optional(line(300), ''),
});
export type QuestionSet = v.InferOutput<typeof QuestionSet>;

/** A question may be unfinished, remarked on by a review, stale (its "check again by" has come) or unused in any show. */
export const questionStates = ['unfinished', 'remarks', 'stale', 'unused'] as const;
export type QuestionState = (typeof questionStates)[number];

export const questionSorts = ['place', 'changed', 'prompt'] as const;
export type QuestionSort = (typeof questionSorts)[number];
