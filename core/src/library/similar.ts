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
  if (a.size + b.size === 0) return 0;
  let both = 0;
  for (const one of a) if (b.has(one)) both++;
  return (2 * both) / (a.size + b.size);
}

/** From here on two prompts are worth a look together. */
export const ALIKE = 0.5;
