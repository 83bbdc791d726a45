import { syllable } from 'syllable';
import { plainText } from '../text/markdown.ts';

export interface ReadingLevel {
  /** School years in English; LIX elsewhere. */
  by: 'grade' | 'lix';
  value: number;
}

function count(text: string) {
  const plain = plainText(text);
  const words = plain.match(/[\p{L}\p{M}\p{N}][\p{L}\p{M}\p{N}'’-]*/gu) ?? [];
  const sentences = plain.split(/[.!?…]+/).filter((one) => /\p{L}/u.test(one)).length;
  return { words, sentences: Math.max(1, sentences) };
}

/** Flesch–Kincaid grade level: 0.39 words/sentence + 11.8 syllables/word − 15.59 (Kincaid et al. 1975). English only. */
export function fleschKincaid(words: number, sentences: number, syllables: number): number {
  return 0.39 * (words / sentences) + 11.8 * (syllables / words) - 15.59;
}

/** LIX: words/sentence + 100 × words of more than six letters / words (Björnsson 1968). For any language with blanks. */
export function lix(words: number, sentences: number, long: number): number {
  return words / sentences + (100 * long) / words;
}

/** Counting is slow and words come again and again. */
const counted = new Map<string, number>();
const MOST_COUNTED = 50_000;
function syllablesOf(word: string): number {
  const known = counted.get(word);
  if (known !== undefined) return known;
  if (counted.size >= MOST_COUNTED) counted.clear();
  const syllables = Math.max(1, syllable(word));
  counted.set(word, syllables);
  return syllables;
}

/** How hard a text reads; null where it has too few words to say. `language` is BCP 47 or empty for English. */
export function readingLevel(text: string, language: string): ReadingLevel | null {
  const { words, sentences } = count(text);
  if (words.length < FEWEST_WORDS) return null;
  if (language === '' || /^en\b/i.test(language)) {
    const syllables = words.reduce((sum, word) => sum + syllablesOf(word.toLowerCase()), 0);
    return { by: 'grade', value: fleschKincaid(words.length, sentences, syllables) };
  }
  const long = words.filter((word) => [...word].length > 6).length;
  return { by: 'lix', value: lix(words.length, sentences, long) };
}

/** Formulas made for pages mean little for a line. */
export const FEWEST_WORDS = 10;
/** From here on a text is hard: beyond the last year of school; "very difficult" on Björnsson's scale. */
export const HARD = { grade: 13, lix: 60 } as const;

/** Seconds in which a text is read aloud or quietly, at 180 words a minute (common practice: 150 to 200). */
export const readingSeconds = (texts: readonly string[]): number =>
  (texts.reduce((sum, text) => sum + count(text).words.length, 0) / 180) * 60;
