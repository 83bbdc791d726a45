/** Where a figure lies as far as can be told from so few: in 95 of 100 such cases between the two. */
export interface Interval {
  low: number;
  high: number;
}

/** Whether a difference is more than chance explains: nothing between its ends is nothing. */
export const isClear = ({ low, high }: Interval): boolean => low > 0 || high < 0;

/** The 97.5 % point of the normal distribution. */
export const Z = 1.959963984540054;

/**
 * The 95 % interval of a share, from `count` of `of` (E. B. Wilson, “Probable inference, the law of succession, and
 * statistical inference”, 1927):
 *
 *     (p + z²/2n ± z √(p (1 − p)/n + z²/4n²)) / (1 + z²/n)
 *
 * Parts of a mark count as parts: then it is a little wider than need be. Null of nothing.
 */
export function wilson(count: number, of: number): Interval | null {
  if (of <= 0) return null;
  const p = count / of;
  const middle = p + Z ** 2 / (2 * of);
  const half = Z * Math.sqrt((p * (1 - p)) / of + Z ** 2 / (4 * of ** 2));
  const scale = 1 + Z ** 2 / of;
  return { low: Math.max(0, (middle - half) / scale), high: Math.min(1, (middle + half) / scale) };
}

/**
 * The 95 % interval of the difference of two shares that have nothing to do with each other, the first less the
 * second (R. G. Newcombe, “Interval estimation for the difference between independent proportions: comparison of
 * eleven methods”, 1998, method 10). Null where one of them is of nothing.
 */
export function newcombe(
  first: { count: number; of: number },
  second: { count: number; of: number },
): Interval | null {
  const [a, b] = [wilson(first.count, first.of), wilson(second.count, second.of)];
  if (!a || !b) return null;
  const [p, q] = [first.count / first.of, second.count / second.of];
  return {
    low: p - q - Math.hypot(p - a.low, b.high - q),
    high: p - q + Math.hypot(a.high - p, q - b.low),
  };
}
