/** One line of the standings: competition ranking, so two firsts are followed by a third. */
export interface Placed<T> {
  item: T;
  score: number;
  /** 1 for the highest score; equal scores share a place and the next places are left out. */
  place: number;
}

/**
 * Ranks by score, highest first, in standard competition ranking ("1224"). Equal scores keep the
 * order in which they came in.
 */
export function rank<T>(items: readonly T[], scoreOf: (item: T) => number): Placed<T>[] {
  const sorted = items.map((item) => ({ item, score: scoreOf(item) })).sort((a, b) => b.score - a.score);
  let place = 0;
  return sorted.map((row, i) => {
    if (i === 0 || row.score !== sorted[i - 1]!.score) place = i + 1;
    return { ...row, place };
  });
}
