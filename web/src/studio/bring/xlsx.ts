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

/** A part of a second in days is rounding of the file. */
const clockOf = (date: Date) => date.toISOString().slice(11, date.getUTCSeconds() ? 19 : 16);
/** Spreadsheets keep a time of day as a day before this year. */
const FIRST_YEAR = 1901;
const dayOf = (date: Date) =>
  date.getUTCFullYear() < FIRST_YEAR ? clockOf(date) : date.toISOString().slice(0, 10);

/**
 * What a cell shows: days, times, per cent and results as they are seen; no errors of formulas, and of
 * cells that are merged the first alone.
 */
function textOf(cell: ExcelJS.Cell): string {
  if (cell.isMerged && cell.master.address !== cell.address) return '';
  const value =
    typeof cell.value === 'object' && cell.value !== null && 'result' in cell.value
      ? cell.value.result
      : cell.value;
  if (value instanceof Date) return dayOf(value);
  if (typeof value === 'object' && value !== null && 'error' in value) return '';
  if (typeof value === 'boolean') return value ? 'true' : 'false';
  // Twelve digits are all that binary fractions promise: 0.07 * 100 is 7, not 7.000000000000001.
  if (typeof value === 'number')
    return /%/.test(cell.numFmt ?? '') ? `${Number((value * 100).toPrecision(12))} %` : String(value);
  return typeof value === 'string' ? value : (cell.text ?? '');
}

/** A sheet of a workbook: its rows as text. */
export interface BookSheet {
  name: string;
  hidden: boolean;
  rows: string[][];
}

function rowsOf(sheet: ExcelJS.Worksheet): string[][] {
  const rows: string[][] = [];
  sheet.eachRow({ includeEmpty: true }, (row) => {
    const cells: string[] = [];
    row.eachCell({ includeEmpty: true }, (cell, column) => {
      cells[column - 1] = textOf(cell);
    });
    rows.push(Array.from(cells, (cell) => cell ?? ''));
  });
  return rows;
}

/**
 * The sheets of a workbook on which something stands, those that are seen first.
 * @returns null where it cannot be read, or would be too large.
 */
export async function readWorkbook(bytes: Uint8Array): Promise<BookSheet[] | null> {
  try {
    if (tooLarge(bytes)) return null;
    const workbook = new ExcelJS.Workbook();
    await workbook.xlsx.load(bytes.slice().buffer as ArrayBuffer);
    const sheets = workbook.worksheets.map((sheet) => ({
      name: sheet.name,
      hidden: sheet.state !== 'visible',
      rows: rowsOf(sheet),
    }));
    const filled = sheets.filter(({ rows }) => rows.some((row) => row.some((cell) => cell.trim() !== '')));
    const found = filled.length > 0 ? filled : sheets.slice(0, 1);
    return found.length > 0 ? found.sort((a, b) => Number(a.hidden) - Number(b.hidden)) : null;
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
