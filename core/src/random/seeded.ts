import type { Random } from './shuffle.ts';

/**
 * Numbers in [0, 1) that follow from a text alone: the same text gives the same row of numbers
 * anywhere. Not for secrets. (FNV-1a to begin with, then Mulberry32, both in the public domain.)
 */
export function seeded(text: string): Random {
  let state = 2166136261;
  for (const sign of text) state = Math.imul(state ^ sign.codePointAt(0)!, 16777619);
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
