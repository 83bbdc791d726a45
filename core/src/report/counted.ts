import type { Counting } from '../sitting/counting.ts';

/** The share of the marks that counts: none of a dropped question (null), all of one that everybody got. */
export const countedShare = (counts: Counting, share: number): number | null =>
  counts === 'nobody' ? null : counts === 'all' ? 1 : share;
