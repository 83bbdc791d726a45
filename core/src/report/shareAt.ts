import { countedShare } from './counted.ts';
import type { Report } from './report.ts';

/** What each sign of a report is worth where nothing else is said. */
const WORTH: Record<string, number> = { r: 1, w: 0, n: 0 };

/** The share of the marks in a cell that counts, 0 … 1; null where nothing was asked, or the question was dropped. */
export function shareAt(
  {
    rows,
    parts,
    items,
  }: Pick<Report, 'rows' | 'parts'> & {
    items: readonly Pick<Report['items'][number], 'counts'>[];
  },
  row: number,
  column: number,
): number | null {
  const sign = rows[row]![column]!;
  if (sign === 'u') return null;
  return countedShare(items[column]!.counts, sign === 'p' ? (parts[`${row} ${column}`] ?? 0) : WORTH[sign]!);
}
