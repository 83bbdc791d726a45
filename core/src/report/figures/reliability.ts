import { deviation } from './spread.ts';

/** How far the marks of a sitting can be trusted. */
export interface Reliability {
  people: number;
  items: number;
  /**
   * 0 … 1, below 0 where questions contradict each other: how much of what tells people apart would come out the same
   * with other questions of the kind.
   */
  alpha: number;
  /** The standard error of the share of the marks that somebody has, 0 … 1. */
  error: number;
  /** Whether all marks are all or nothing: then it is the formula 20 of Kuder and Richardson. */
  isKr20: boolean;
  /** What may be made of it, by customary bounds: compare single people, only in the rough, or not (common practice). */
  level: 'high' | 'middle' | 'low';
  /** Whether of so few people that the figures move much with each of them (common practice). */
  isRough: boolean;
}

const HIGH = 0.8;
const LOW = 0.6;
const FEW = 20;

const variance = (values: readonly number[]) => deviation(values)! ** 2;

/**
 * Coefficient alpha (L. J. Cronbach, “Coefficient alpha and the internal structure of tests”, 1951); where marks are
 * all or nothing it equals formula 20 of G. F. Kuder and M. W. Richardson (“The theory of the estimation of test
 * reliability”, 1937):
 *
 *     k/(k − 1) · (1 − Σ s²ᵢ / s²),   error of a sum of marks: s √(1 − α)
 *
 * @param marks a row for each person, each with the marks (0 … 1) for the same questions.
 * @returns null with fewer than two people or questions, or where all have the same.
 */
export function reliability(marks: readonly (readonly number[])[]): Reliability | null {
  const items = marks[0]?.length ?? 0;
  if (marks.length < 2 || items < 2) return null;
  const sums = marks.map((row) => row.reduce((sum, one) => sum + one, 0));
  const whole = variance(sums);
  if (whole < 1e-12) return null;
  let own = 0;
  for (let i = 0; i < items; i++) own += variance(marks.map((row) => row[i]!));
  const alpha = (items / (items - 1)) * (1 - own / whole);
  return {
    people: marks.length,
    items,
    alpha,
    // Below 0 nothing of the differences can be trusted, and the error is all of the spread.
    error: Math.sqrt(whole * (1 - Math.max(0, alpha))) / items,
    level: alpha >= HIGH ? 'high' : alpha >= LOW ? 'middle' : 'low',
    isRough: marks.length < FEW,
    isKr20: marks.every((row) => row.every((one) => one === 0 || one === 1)),
  };
}
