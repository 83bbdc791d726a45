import * as v from 'valibot';
import { Id, line, lines, whole } from '../../text/schemas.ts';

export const interludes = ['title', 'howTo', 'break', 'standings', 'league', 'credits'] as const;

/** The table of a league as it stood when the doors opened. */
const LeagueSnapshot = v.object({
  title: line(80),
  rows: v.pipe(
    v.array(
      v.object({
        place: whole(1, 1000),
        name: line(80),
        weave: v.object({ pattern: line(20), warp: line(20), weft: line(20) }),
        points: v.number(),
        change: v.nullable(v.number()),
      }),
    ),
    v.maxLength(200),
  ),
});
export type LeagueSnapshot = v.InferOutput<typeof LeagueSnapshot>;

/** Something between the rounds, in which nothing is asked. */
export const InterludeContent = v.object({
  what: v.picklist(interludes),
  /** Small Markdown; how to play is told from the settings of the round that follows where this is empty. */
  text: lines(2000),
  /** Minutes that a break is to last, counted down on the stage; null for as long as it takes. */
  minutes: v.nullable(whole(1, 120)),
  /** The league whose table is shown, and that table: it is put in when the doors open. */
  league: v.optional(v.nullable(Id)),
  table: v.optional(v.nullable(LeagueSnapshot)),
});
export type InterludeContent = v.InferOutput<typeof InterludeContent>;

export const blankInterlude = (): InterludeContent => ({
  what: 'title',
  text: '',
  minutes: null,
});
