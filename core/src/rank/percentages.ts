/**
 * Shares `total` out among counts by largest remainders (Hamilton's method with the Hare quota): each
 * gets its share rounded down, and what is left goes one by one to the largest remainders; equal
 * remainders are served from the front. All zero where there is nothing to share by.
 */
export function largestRemainders(counts: readonly number[], total: number): number[] {
  const sum = counts.reduce((all, count) => all + count, 0);
  if (sum === 0) return counts.map(() => 0);
  const exact = counts.map((count) => (count * total) / sum);
  const whole = exact.map(Math.floor);
  const left = total - whole.reduce((all, one) => all + one, 0);
  const byRemainder = counts
    .map((_, i) => i)
    .sort((a, b) => exact[b]! - whole[b]! - (exact[a]! - whole[a]!) || a - b);
  for (const i of byRemainder.slice(0, left)) whole[i]!++;
  return whole;
}

/** Whole percentages of counts that add up to 100. */
export const wholePercentages = (counts: readonly number[]): number[] => largestRemainders(counts, 100);
