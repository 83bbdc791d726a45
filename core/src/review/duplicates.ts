import { likeness, trigrams } from '../library/similar.ts';
import { wordsOf } from '../library/searchText.ts';
import { foldText } from '../text/fold.ts';
import { plainText } from '../text/markdown.ts';

/** Two questions that ask nearly the same. */
export interface NearDuplicate {
  a: string;
  b: string;
  /** Sørensen–Dice coefficient of their letter triples, `ALIKE` … 1. */
  likeness: number;
}

/**
 * From here on two questions ask the same for most people: as many words in common, so that they are
 * found, and as many letter triples, so that "Which are sails?" is not "Which are knots?".
 */
export const ALIKE_WORDS = 0.75;
export const ALIKE = 0.8;
/** Texts of fewer words are alike by chance. */
const FEWEST_WORDS = 3;
/** How many texts are looked at before others have a turn. */
const AT_ONCE = 100;
/** Where so many pairs are alike that nobody would read on, looking further helps nobody. */
const ENOUGH = 5;

/** The different words of a text, folded. */
export const wordsAlike = (text: string): string[] => wordsOf(foldText(plainText(text)));

/** How many numbers two rising lists share. */
function shared(a: Int32Array, b: Int32Array): number {
  let [i, j, both] = [0, 0, 0];
  while (i < a.length && j < b.length) {
    if (a[i]! === b[j]!) both++;
    const rises = a[i]! <= b[j]!;
    if (b[j]! <= a[i]!) j++;
    if (rises) i++;
  }
  return both;
}

/**
 * All pairs of texts that are alike by words and by letters, exactly, without comparing all with all: by
 * prefix and length filtering (Bayardo, Ma, Srikant 2007, "Scaling up all pairs similarity search").
 * Two sets with a Dice coefficient of t share one of their rarest |A| − ⌈|A| t / (2 − t)⌉ + 1 words at
 * least, and the smaller one has at least t / (2 − t) times the size of the larger. Texts about two
 * different pictures are not alike. Yields the share that is done, 0 … 1; stops early where more
 * than a few times `most` pairs are found.
 */
export function* nearDuplicates(
  items: readonly { id: string; text: string; picture?: string | null }[],
  most = 1000,
): Generator<number, NearDuplicate[]> {
  const times = new Map<string, number>();
  const texts: string[][] = [];
  for (const [i, { text }] of items.entries()) {
    const words = wordsAlike(text);
    for (const word of words) times.set(word, (times.get(word) ?? 0) + 1);
    texts.push(words);
    if (i % AT_ONCE === 0) yield (0.4 * i) / items.length;
  }
  // The rarer a word, the lower its number: the beginning of a sorted list holds what tells most.
  const ranked = [...times].sort((a, b) => a[1] - b[1] || (a[0] < b[0] ? -1 : 1));
  const rank = new Map(ranked.map(([word], i) => [word, i]));
  yield 0.45;
  const sets: { id: string; picture: string; words: Int32Array; text: string }[] = [];
  for (const [i, { id, picture, text }] of items.entries()) {
    if (texts[i]!.length >= FEWEST_WORDS)
      sets.push({
        id,
        text,
        picture: picture ?? '',
        words: Int32Array.from(texts[i]!, (word) => rank.get(word)!).sort(),
      });
    if (i % AT_ONCE === 0) yield 0.45 + (0.15 * i) / items.length;
  }
  sets.sort((one, other) => one.words.length - other.words.length);
  /** How many words a set of this size shares at least with any that is alike; the hair keeps 6.000…1 at 6. */
  const least = (size: number) => Math.ceil((size * ALIKE_WORDS) / (2 - ALIKE_WORDS) - 1e-9);
  const holders = new Map<number, number[]>();
  const found: NearDuplicate[] = [];
  for (const [i, { id, picture, words, text }] of sets.entries()) {
    if (i % AT_ONCE === 0) yield 0.6 + (0.4 * i) / sets.length;
    const size = words.length;
    const candidates = new Set<number>();
    for (const word of words.subarray(0, size - least(size) + 1)) {
      const list = holders.get(word) ?? [];
      for (const j of list) if (sets[j]!.words.length >= least(size)) candidates.add(j);
      list.push(i);
      holders.set(word, list);
    }
    for (const j of candidates) {
      const other = sets[j]!;
      // The same words about two pictures ask two things.
      if (picture !== '' && other.picture !== '' && picture !== other.picture) continue;
      if ((2 * shared(words, other.words)) / (size + other.words.length) < ALIKE_WORDS) continue;
      const value = likeness(trigrams(text), trigrams(other.text));
      if (value >= ALIKE) found.push({ a: other.id, b: id, likeness: value });
    }
    if (found.length > most * ENOUGH) break;
  }
  return found.sort((one, other) => other.likeness - one.likeness).slice(0, most);
}
