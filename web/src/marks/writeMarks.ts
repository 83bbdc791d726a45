import { toCsv } from '@distaff/core/interchange';
import type { Mark } from '@distaff/core/report';

/** Marks as a file of their own: a row for each, with what each game brought, what they come from, and the mark. */
export async function writeMarks(
  type: 'csv' | 'xlsx',
  marks: readonly (Mark & { parts?: (number | null)[] })[],
  games: readonly string[],
  heads: { name: string; raw: string; mark: string },
): Promise<Blob> {
  const header = [heads.name, ...games, heads.raw, heads.mark];
  const exact = (n: number | null | undefined) => (n == null ? null : Math.round(n * 100) / 100);
  const rows = marks.map((one) => [
    one.name,
    ...games.map((_, i) => exact(one.parts?.[i])),
    exact(one.raw),
    one.mark,
  ]);
  if (type === 'csv') return new Blob([toCsv(header, rows)], { type: 'text/csv;charset=utf-8' });
  // Many hosts never need it: it comes when it is asked for.
  const { default: ExcelJS } = await import('exceljs');
  const book = new ExcelJS.Workbook();
  const sheet = book.addWorksheet(heads.mark);
  sheet.addRow(header).font = { bold: true };
  sheet.addRows(rows);
  sheet.getColumn(1).width = 28;
  return new Blob([await book.xlsx.writeBuffer()]);
}
