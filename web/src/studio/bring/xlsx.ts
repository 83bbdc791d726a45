import ExcelJS from 'exceljs';
import { unzipSync } from 'fflate';

/** Bytes to which the parts of a workbook may grow; more is no sheet of questions. */
const MAX_INFLATED = 300_000_000;
/** Parts of a workbook; a hostile archive may have very many. */
const MAX_PARTS = 2000;

/** Sizes as the archive's directory tells them, before anything is inflated. */
function tooLarge(bytes: Uint8Array): boolean {
  let size = 0;
  let parts = 0;
  unzipSync(bytes, {
    filter: (file) => {
      size += file.originalSize;
      parts++;
      return false;
    },
  });
  return size > MAX_INFLATED || parts > MAX_PARTS;
}

/** What a cell shows: dates as days, formulas as their results, rich text as text. */
function textOf(cell: ExcelJS.Cell): string {
  const { value } = cell;
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value === 'object' && value !== null && 'result' in value) {
    const { result } = value;
    return result instanceof Date ? result.toISOString().slice(0, 10) : String(result ?? '');
  }
  if (typeof value === 'boolean') return value ? 'true' : 'false';
  return cell.text ?? '';
}

/**
 * The first sheet of a workbook as rows of text.
 * @returns null where it cannot be read, or would be too large.
 */
export async function readWorkbook(bytes: Uint8Array): Promise<string[][] | null> {
  try {
    if (tooLarge(bytes)) return null;
    const workbook = new ExcelJS.Workbook();
    await workbook.xlsx.load(bytes.slice().buffer as ArrayBuffer);
    const sheet = workbook.worksheets[0];
    if (!sheet) return null;
    const rows: string[][] = [];
    sheet.eachRow({ includeEmpty: true }, (row) => {
      const cells: string[] = [];
      row.eachCell({ includeEmpty: true }, (cell, column) => {
        cells[column - 1] = textOf(cell);
      });
      rows.push(Array.from(cells, (cell) => cell ?? ''));
    });
    return rows;
  } catch {
    return null;
  }
}

/** A workbook of one sheet: a header that stays in sight, and rows of text (never formulas). */
export async function writeWorkbook(
  title: string,
  header: readonly string[],
  rows: readonly string[][],
): Promise<Uint8Array> {
  const workbook = new ExcelJS.Workbook();
  // A sheet's name has at most 31 signs and none of these.
  const sheet = workbook.addWorksheet(
    title
      .replace(/[\\/*?:[\]]/g, ' ')
      .trim()
      .slice(0, 31) || 'Questions',
    {
      views: [{ state: 'frozen', ySplit: 1 }],
    },
  );
  sheet.addRow([...header]).font = { bold: true };
  for (const row of rows) sheet.addRow([...row]);
  sheet.columns.forEach((column, i) => {
    column.width = i === 1 ? 60 : 18;
    column.numFmt = '@';
  });
  return new Uint8Array(await workbook.xlsx.writeBuffer());
}
