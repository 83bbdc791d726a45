import Papa from 'papaparse';

export const MAX_ROWS = 10_000;
export const MAX_COLUMNS = 60;
/** Signs of text that are read at all; a sheet of ten thousand questions is about three million. */
export const MAX_TEXT = 20_000_000;

export type TableTrouble = 'empty' | 'tooLong' | 'tooManyRows' | 'tooManyColumns' | 'notText';

export interface Table {
  /** Rows that are not empty, each with the number of its line in the file's own counting (from 1). */
  rows: { line: number; cells: string[] }[];
  delimiter: string;
  /** Lines with a quote that is not closed or stands in the middle of a field. */
  brokenQuotes: number[];
}

/** An apostrophe before what a spreadsheet would take for a formula belongs to the sheet, not to the text. */
const readCell = (cell: string): string =>
  cell
    .replace(/\r\n?/g, '\n')
    .trim()
    .replace(/^'(?=[=+\-@＝＋－＠])/u, '');

/** Lines that are looked at to find out what divides the cells. */
const TELLING_LINES = 20;

/**
 * What divides the cells: the candidate that every one of the first lines has most of, outside of quotes;
 * where that decides nothing, the first line alone. A tab wins over all, since spreadsheets put it between
 * copied cells, whatever commas stand in them.
 */
export function delimiterOf(text: string): string {
  const lines = text
    .trimStart()
    .slice(0, 100_000)
    .replace(/"(?:[^"]|"")*"?/g, '')
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .slice(0, TELLING_LINES);
  const [first = ''] = lines;
  const count = (sign: string, line = first) => line.split(sign).length - 1;
  if (count('\t') > 0) return '\t';
  const least = (sign: string) => Math.min(...lines.map((line) => count(sign, line)));
  return [',', ';', '|'].reduce((best, sign) => {
    const more = least(sign) - least(best);
    return more > 0 || (more === 0 && count(sign) > count(best)) ? sign : best;
  });
}

/**
 * Reads separated values (RFC 4180 and its cousins): comma, semicolon, tab or bar, whichever fits.
 * Broken quotes are read as well as can be and their lines named.
 */
export function readTable(text: string): { table: Table } | { trouble: TableTrouble } {
  if (text.length > MAX_TEXT) return { trouble: 'tooLong' };
  // A first line "sep=;" is a word to the spreadsheet, not to the reader.
  const told = /^\uFEFF?sep=(.)\r?\n/.exec(text);
  const plain = told ? text.slice(told[0].length) : text.replace(/^\uFEFF/, '');
  if (plain.includes('\0')) return { trouble: 'notText' };
  const parsed = Papa.parse<string[]>(plain, {
    delimiter: told?.[1] ?? delimiterOf(plain),
    skipEmptyLines: false,
  });
  const got = tableOf(parsed.data);
  if ('trouble' in got) return got;
  const brokenQuotes = parsed.errors
    .filter((error) => error.type === 'Quotes')
    .map((error) => (error.row ?? 0) + 1);
  return {
    table: { ...got.table, delimiter: parsed.meta.delimiter, brokenQuotes: [...new Set(brokenQuotes)] },
  };
}

/** A table from cells that are read already, as from a workbook. */
export function tableOf(cells: readonly string[][]): { table: Table } | { trouble: TableTrouble } {
  const rows = cells
    .map((row, i) => ({ line: i + 1, cells: row.map(readCell) }))
    .filter((row) => row.cells.some((cell) => cell !== ''));
  if (rows.length === 0) return { trouble: 'empty' };
  if (rows.length > MAX_ROWS + 1) return { trouble: 'tooManyRows' };
  if (rows.some((row) => row.cells.length > MAX_COLUMNS)) return { trouble: 'tooManyColumns' };
  return { table: { rows, delimiter: '', brokenQuotes: [] } };
}
