/**
 * Whole percentages of counts that add up to 100, by largest remainders (Hamilton's method): each
 * gets its share rounded down, and what is left goes one by one to the largest remainders; equal
 * remainders are served from the front. All zero where there is nothing to share.
 */
export function wholePercentages(counts: readonly number[]): number[] {
  const total = counts.reduce((sum, count) => sum + count, 0);
  if (total === 0) return counts.map(() => 0);
  const exact = counts.map((count) => (count * 100) / total);
  const whole = exact.map(Math.floor);
  const left = 100 - whole.reduce((sum, one) => sum + one, 0);
  const byRemainder = counts
    .map((_, i) => i)
    .sort((a, b) => exact[b]! - whole[b]! - (exact[a]! - whole[a]!) || a - b);
  for (const i of byRemainder.slice(0, left)) whole[i]!++;
  return whole;
}
