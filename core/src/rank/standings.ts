/** One line of the standings: competition ranking, so two firsts are followed by a third. */
export interface Placed<T> {
  item: T;
  /** 1 for the highest; equals share a place and the next places are left out. */
  place: number;
}

/**
 * Ranks highest first in standard competition ranking ("1224"). `by` gives what is compared, the most
 * telling first. Equals keep the order in which they came in.
 */
export function rank<T>(items: readonly T[], by: (item: T) => readonly number[]): Placed<T>[] {
  const rows = items.map((item) => ({ item, by: by(item) }));
  const compare = (a: readonly number[], b: readonly number[]): number => {
    for (let i = 0; i < Math.max(a.length, b.length); i++) {
      const difference = (b[i] ?? 0) - (a[i] ?? 0);
      if (difference !== 0) return difference;
    }
    return 0;
  };
  rows.sort((a, b) => compare(a.by, b.by));
  let place = 0;
  return rows.map((row, i) => {
    if (i === 0 || compare(row.by, rows[i - 1]!.by) !== 0) place = i + 1;
    return { item: row.item, place };
  });
}
