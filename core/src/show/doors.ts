import * as v from 'valibot';
import { MAX_ROSTER } from '../library/roster.ts';
import { line } from '../text/schemas.ts';

export const intoTeams = ['choose', 'host', 'drawn', 'listed'] as const;

/** In how many languages unwanted words are known at most, and how many a host may add or allow. */
const MAX_LANGUAGES = 12;
const MAX_WORDS = 200;

/** Which words in names and typed answers are held back until the host has seen them. */
export const WordRules = v.object({
  off: v.optional(v.boolean()),
  /** Languages (BCP 47) whose lists are used. */
  languages: v.pipe(v.array(line(10)), v.maxLength(MAX_LANGUAGES)),
  /** Held back beside them. */
  also: v.pipe(v.array(line(40)), v.maxLength(MAX_WORDS, `At most ${MAX_WORDS} words.`)),
  /** Let through although a list has them. */
  allow: v.pipe(v.array(line(40)), v.maxLength(MAX_WORDS, `At most ${MAX_WORDS} words.`)),
});
export type WordRules = v.InferOutput<typeof WordRules>;
export const defaultWordRules: WordRules = { languages: ['en'], also: [], allow: [] };

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
  /** As `defaultWordRules` where nobody said. */
  words: v.optional(WordRules),
  /** The only names that are let in; empty for any. */
  roster: v.pipe(v.array(line(24)), v.maxLength(MAX_ROSTER, `At most ${MAX_ROSTER} names.`)),
});
export type Doors = v.InferOutput<typeof Doors>;

export const defaultDoors: Doors = { late: true, teams: 'choose', seed: '', roster: [] };
