import { foldText } from '../../text/fold.ts';

/** To which group answers belong that say the same, by their folded words. */
export type WordGroups = ReadonlyMap<string, string>;

/** Answers that say the same but for case, accents and signs: as it was written first, and by how many. */
export interface Slip {
  /** The folded words, by which they are known. */
  key: string;
  text: string;
  count: number;
}

/** What people wrote in their own words, in groups as the host made them. */
export interface WordsOutcome {
  type: 'words';
  of: number;
  groups: { name: string; count: number; slips: Slip[] }[];
  /** Those that are in no group yet; the most frequent first. */
  loose: Slip[];
}

export const MOST_GROUPS_OF_WORDS = 8;

const frequentFirst = (slips: Slip[]): Slip[] =>
  slips.sort((a, b) => b.count - a.count || (a.key < b.key ? -1 : 1));
const counted = (slips: readonly Slip[]): number => slips.reduce((sum, { count }) => sum + count, 0);

/** Groups stand in the order in which they were made. */
export function inWords(texts: readonly string[], groups: WordGroups): WordsOutcome {
  const slips = new Map<string, Slip>();
  for (const text of texts) {
    const key = foldText(text);
    const known = slips.get(key);
    if (known) known.count++;
    else slips.set(key, { key, text, count: 1 });
  }
  const names = [...new Set(groups.values())];
  const inGroup = (name: string | undefined) =>
    frequentFirst([...slips.values()].filter(({ key }) => groups.get(key) === name));
  return {
    type: 'words',
    of: texts.length,
    groups: names.map((name) => ({ name, slips: inGroup(name), count: counted(inGroup(name)) })),
    loose: inGroup(undefined),
  };
}
