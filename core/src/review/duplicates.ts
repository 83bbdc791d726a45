import { likeness, trigrams } from '../library/similar.ts';

/** Two questions that ask nearly the same. */
export interface NearDuplicate {
  a: string;
  b: string;
  /** Sørensen–Dice coefficient of their letter triples, `ALIKE` … 1. */
  likeness: number;
}

/** From here on two prompts ask the same for most people. */
export const ALIKE = 0.8;
/** How many prompts are looked at before others have a turn. */
const AT_ONCE = 200;

/**
 * All pairs of texts that are at least `ALIKE`, exactly, without comparing all with all: by prefix and
 * length filtering (Bayardo, Ma, Srikant 2007, "Scaling up all pairs similarity search"). Two sets with a
 * Dice coefficient of t or more share at least one of their rarest |A| − ⌈|A| t / (2 − t)⌉ + 1 triples, and
 * the smaller one has at least t / (2 − t) times the size of the larger. Yields the share that is done, 0 … 1.
 */
export function* nearDuplicates(
  items: readonly { id: string; text: string; picture?: string | null }[],
  most = 1000,
): Generator<number, NearDuplicate[]> {
  const times = new Map<string, number>();
  const sets: { id: string; grams: Set<string>; picture: string }[] = [];
  for (const [i, { id, text, picture }] of items.entries()) {
    const grams = trigrams(text);
    for (const gram of grams) times.set(gram, (times.get(gram) ?? 0) + 1);
    sets.push({ id, grams, picture: picture ?? '' });
    if (i % AT_ONCE === 0) yield (0.3 * i) / items.length;
  }
  sets.sort((one, other) => one.grams.size - other.grams.size);
  /** How many triples a set of this size shares at least with any that is alike; the hair keeps 6.000…1 at 6. */
  const least = (size: number) => Math.ceil((size * ALIKE) / (2 - ALIKE) - 1e-9);
  const holders = new Map<string, number[]>();
  const found: NearDuplicate[] = [];
  for (const [i, set] of sets.entries()) {
    const { grams } = set;
    if (i % AT_ONCE === 0) yield 0.3 + (0.7 * i) / sets.length;
    if (grams.size < 3) continue;
    const sorted = [...grams].sort((a, b) => times.get(a)! - times.get(b)! || (a < b ? -1 : 1));
    const prefix = sorted.slice(0, grams.size - least(grams.size) + 1);
    const candidates = new Set<number>();
    for (const gram of prefix) {
      const list = holders.get(gram) ?? [];
      for (const j of list) if (sets[j]!.grams.size >= least(grams.size)) candidates.add(j);
      list.push(i);
      holders.set(gram, list);
    }
    for (const j of candidates) {
      // The same words about two pictures ask two things.
      if (set.picture !== '' && sets[j]!.picture !== '' && set.picture !== sets[j]!.picture) continue;
      const value = likeness(grams, sets[j]!.grams);
      if (value >= ALIKE) found.push({ a: sets[j]!.id, b: set.id, likeness: value });
    }
    if (found.length > most * 4) break;
  }
  return found.sort((one, other) => other.likeness - one.likeness).slice(0, most);
}
