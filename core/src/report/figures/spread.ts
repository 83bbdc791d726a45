/** The mean; null of nothing. */
export const mean = (values: readonly number[]): number | null =>
  values.length === 0 ? null : values.reduce((sum, one) => sum + one, 0) / values.length;

/** The standard deviation of a sample (divided by n − 1); null of fewer than two. */
export function deviation(values: readonly number[]): number | null {
  if (values.length < 2) return null;
  const middle = mean(values)!;
  return Math.sqrt(values.reduce((sum, one) => sum + (one - middle) ** 2, 0) / (values.length - 1));
}

/**
 * The value below which the share `p` (0 … 1) of the values lies, between two of them in even measure (type 7 of
 * R. J. Hyndman and Y. Fan, “Sample quantiles in statistical packages”, 1996); null of nothing.
 */
export function quantile(values: readonly number[], p: number): number | null {
  return quantileOf(
    [...values].sort((a, b) => a - b),
    p,
  );
}

/** The values below which a quarter, half and three quarters of the others lie; null of nothing. */
export function quartiles(values: readonly number[]): { low: number; middle: number; high: number } | null {
  const sorted = [...values].sort((a, b) => a - b);
  const [low, middle, high] = [0.25, 0.5, 0.75].map((p) => quantileOf(sorted, p));
  return low == null ? null : { low, middle: middle!, high: high! };
}

function quantileOf(sorted: readonly number[], p: number): number | null {
  if (sorted.length === 0) return null;
  const at = (sorted.length - 1) * p;
  const below = Math.floor(at);
  const low = sorted[below]!;
  return low + (at - below) * ((sorted[below + 1] ?? low) - low);
}

/**
 * The product-moment correlation of pairs (K. Pearson, 1896), −1 … 1; null where there are fewer than three, or one
 * of the two is the same for all.
 */
export function correlation(pairs: readonly (readonly [number, number])[]): number | null {
  if (pairs.length < 3) return null;
  const [x, y] = [mean(pairs.map(([one]) => one))!, mean(pairs.map(([, one]) => one))!];
  let [xx, yy, xy] = [0, 0, 0];
  for (const [a, b] of pairs) {
    xx += (a - x) ** 2;
    yy += (b - y) ** 2;
    xy += (a - x) * (b - y);
  }
  const both = Math.sqrt(xx * yy);
  return both < 1e-12 ? null : Math.max(-1, Math.min(1, xy / both));
}
