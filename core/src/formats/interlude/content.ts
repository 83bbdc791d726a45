import * as v from 'valibot';
import { lines, whole } from '../../text/schemas.ts';

export const interludes = ['title', 'howTo', 'break', 'standings', 'credits'] as const;

/** Something between the rounds, in which nothing is asked. */
export const InterludeContent = v.object({
  what: v.picklist(interludes),
  /** Small Markdown; how to play is told from the settings of the round that follows where this is empty. */
  text: lines(2000),
  /** Minutes that a break is to last, counted down on the stage; null for as long as it takes. */
  minutes: v.nullable(whole(1, 120)),
});
export type InterludeContent = v.InferOutput<typeof InterludeContent>;

export const blankInterlude = (): InterludeContent => ({ what: 'title', text: '', minutes: null });
