import { distance } from 'fastest-levenshtein';

/** Slips in a search word up to which a known word is offered for it. */
const farOff = (length: number): number => (length <= 3 ? 0 : length <= 5 ? 1 : 2);

/** The known word nearest to `word`, the more frequent first among equals as given; null if none is near. */
export function nearestWord(word: string, known: Iterable<string>): string | null {
  let best: string | null = null;
  let off = farOff(word.length) + 1;
  for (const one of known) {
    if (Math.abs(one.length - word.length) >= off) continue;
    const slips = distance(word, one);
    if (slips < off) [best, off] = [one, slips];
  }
  return best;
}
