import * as v from 'valibot';
import { Picture } from '../../media/media.ts';
import { Id, line, lines, whole } from '../../text/schemas.ts';
import { sequenceEntries } from '../items.ts';

export const FEWEST_SPACES = 8;
export const MOST_SPACES = 40;
export const MOST_PER_SPACE = 5;
export const MOST_PAGES = 8;
/** Spaces without a question: whose piece stops there waits, rolls again, throws the shuttle, or gets a boost. */
export const specials = ['rest', 'again', 'spin', 'boost'] as const;
export type Special = (typeof specials)[number];
/** What it is played for: first to an amount, or most when the round ends. */
export const trailGoals = ['first', 'most'] as const;

/** Something to read before the round, and while one waits. */
export const Page = v.object({ id: Id, title: line(80), text: lines(1200), picture: v.nullable(Picture) });
export type Page = v.InferOutput<typeof Page>;

export const TrailContent = v.object({
  /** Dealt out to the spaces one after the other, at most `perSpace` each. */
  ...sequenceEntries,
  spaces: whole(FEWEST_SPACES, MOST_SPACES),
  /** Rounds that were written before it could be set have as many as there may be. */
  perSpace: v.optional(whole(1, MOST_PER_SPACE), MOST_PER_SPACE),
  /** By the number of their space; space 0 is the start, and none is needed there. */
  specials: v.record(v.pipe(v.string(), v.regex(/^[1-9]\d?$/)), v.picklist(specials)),
  goal: v.picklist(trailGoals),
  target: whole(1, 1_000_000),
  /** What passing the start gives. */
  pass: whole(0, 100_000),
  pages: v.pipe(v.array(Page), v.maxLength(MOST_PAGES, `At most ${MOST_PAGES} pages.`)),
});
export type TrailContent = v.InferOutput<typeof TrailContent>;

/** 24 spaces, ±100, first to 1,000 (common practice: three questions a space, 72 in all). */
export const blankTrail = (): TrailContent => ({
  items: [],
  points: 100,
  shuffle: true,
  spaces: 24,
  perSpace: 3,
  specials: { 6: 'rest', 12: 'again', 18: 'rest' },
  goal: 'first',
  target: 1000,
  pass: 50,
  pages: [],
});

/** Spaces on which a question waits: all but the start and those that are special. */
export const askingSpaces = ({
  spaces,
  specials: special,
}: Pick<TrailContent, 'spaces' | 'specials'>): number[] =>
  Array.from({ length: spaces }, (_, i) => i).filter((i) => i > 0 && !(i in special));
