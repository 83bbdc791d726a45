import { rank } from '../../rank/standings.ts';

/** In which order people put the options, taken together. */
export interface RankedOutcome {
  type: 'ranked';
  of: number;
  /** By place, the most liked first; `option` is its place as written. Null points where only the first ones are known. */
  rows: { option: number; place: number; points: number | null; first: number }[];
}

const inPlaces = (
  of: number,
  options: { option: number; points: number | null; first: number }[],
): RankedOutcome => ({
  type: 'ranked',
  of,
  rows: rank(options, ({ points, first }) => [points ?? first]).map(({ item, place }) => ({
    ...item,
    place,
  })),
});

/**
 * Adds orders up by the Borda count in its usual form (J.-C. de Borda, 1781): of n options the first gets n
 * points, the next one less, the last 1. Equal points share a place.
 * @param orders each with all options by their places as written, the most liked first.
 */
export function ranked(options: number, orders: readonly (readonly number[])[]): RankedOutcome {
  const rows = Array.from({ length: options }, (_, option) => ({ option, points: 0, first: 0 }));
  for (const order of orders)
    order.forEach((option, i) => {
      const row = rows[option];
      if (!row) return;
      row.points += options - i;
      if (i === 0) row.first++;
    });
  return inPlaces(orders.length, rows);
}

/** Where hands were counted it is known only who put what first. */
export const rankedByHands = (hands: readonly number[]): RankedOutcome =>
  inPlaces(
    hands.reduce((sum, count) => sum + count, 0),
    hands.map((first, option) => ({ option, points: null, first })),
  );
