import { foldText } from '../text/fold.ts';
import { plainText } from '../text/markdown.ts';

/** Letter triples of a prompt, folded and padded, so that beginnings and ends count. */
export function trigrams(prompt: string): Set<string> {
  const text = `  ${foldText(plainText(prompt))} `;
  return new Set(Array.from({ length: Math.max(0, text.length - 2) }, (_, i) => text.slice(i, i + 3)));
}

/**
 * How alike two prompts are, 0 … 1: the Sørensen–Dice coefficient of their letter triples
 * (Dice 1945; Sørensen 1948), 2 |A ∩ B| / (|A| + |B|).
 */
export function likeness(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  return a.size + b.size === 0 ? 0 : (2 * shared(a, b)) / (a.size + b.size);
}

/** How much of a prompt that is still being typed is found in a whole one, 0 … 1: |A ∩ B| / |A|. */
export function foundIn(typed: ReadonlySet<string>, whole: ReadonlySet<string>): number {
  return typed.size === 0 ? 0 : shared(typed, whole) / typed.size;
}

function shared(a: ReadonlySet<string>, b: ReadonlySet<string>): number {
  let both = 0;
  for (const one of a) if (b.has(one)) both++;
  return both;
}

/** From here on a whole prompt is offered to somebody who types. */
export const WORTH_OFFERING = 0.7;
