import { wholePercentages } from '../../rank/percentages.ts';

/** How many chose each option. */
export interface SharesOutcome {
  type: 'shares';
  /** Whether one could choose more than one of them. */
  several: boolean;
  /** How many answered. */
  of: number;
  /** `percent` is null where it is not known of how many: hands that were counted for several. */
  rows: { count: number; percent: number | null }[];
}

/**
 * @param chosen the options that each chose, by their places.
 * @returns shares that add up to 100 where one option was to be chosen, else shares of those who answered.
 */
export function shares(
  options: number,
  chosen: readonly (readonly number[])[],
  several: boolean,
  hands: readonly number[] | null,
): SharesOutcome {
  const counts = Array.from({ length: options }, (_, i) => hands?.[i] ?? 0);
  if (!hands) for (const one of chosen) for (const place of one) if (place >= 0) counts[place]!++;
  const of = hands ? counts.reduce((sum, count) => sum + count, 0) : chosen.length;
  const whole = wholePercentages(counts);
  const percent = (i: number): number | null => {
    if (!several) return whole[i]!;
    if (hands) return null;
    return of === 0 ? 0 : Math.floor((counts[i]! / of) * 100 + 0.5);
  };
  return { type: 'shares', several, of, rows: counts.map((count, i) => ({ count, percent: percent(i) })) };
}
