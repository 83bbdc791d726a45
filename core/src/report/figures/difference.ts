import { Z, type Interval } from './interval.ts';
import { deviation, mean } from './spread.ts';

/**
 * The 97.5 % point of Student's t for `df` degrees of freedom, by the expansion of Cornish and Fisher (M. Abramowitz and
 * I. Stegun, “Handbook of Mathematical Functions”, 26.7.5). Good to a hundredth from five degrees on.
 */
export function tPoint(df: number): number {
  const z = Z;
  const terms = [
    (z ** 3 + z) / 4,
    (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96,
    (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / 384,
    (79 * z ** 9 + 776 * z ** 7 + 1482 * z ** 5 - 1920 * z ** 3 - 945 * z) / 92_160,
  ];
  return terms.reduce((sum, term, i) => sum + term / df ** (i + 1), z);
}

/** Of fewer on either side nothing is said. */
const FEW = 6;

/** How far two means are apart, the first less the second, with its 95 % interval. */
export interface Difference extends Interval {
  difference: number;
}

/**
 * The difference of two means.
 *
 * - Other people on each side: B. L. Welch, “The generalization of ‘Student’s’ problem when several different population
 *   variances are involved”, 1947.
 * - The same people twice, given as pairs: Student's t of their differences, which is narrower.
 *
 * Null of fewer than six on a side.
 */
export function meanDifference(
  sides: { first: readonly number[]; second: readonly number[] } | { pairs: readonly [number, number][] },
): Difference | null {
  if ('pairs' in sides) {
    const gains = sides.pairs.map(([one, other]) => one - other);
    if (gains.length < FEW) return null;
    const half = (tPoint(gains.length - 1) * deviation(gains)!) / Math.sqrt(gains.length);
    const difference = mean(gains)!;
    return { difference, low: difference - half, high: difference + half };
  }
  const { first, second } = sides;
  if (first.length < FEW || second.length < FEW) return null;
  const [a, b] = [deviation(first)! ** 2 / first.length, deviation(second)! ** 2 / second.length];
  const difference = mean(first)! - mean(second)!;
  if (a + b === 0) return { difference, low: difference, high: difference };
  const df = (a + b) ** 2 / (a ** 2 / (first.length - 1) + b ** 2 / (second.length - 1));
  const half = tPoint(df) * Math.sqrt(a + b);
  return { difference, low: difference - half, high: difference + half };
}
