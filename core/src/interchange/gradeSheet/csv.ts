import { decode } from '../decode.ts';
import { encode, markOf } from '../encode.ts';
import { delimiterOf } from '../sheet/table.ts';
import type { Entry, GradeSheet } from './sheet.ts';

/** Where a cell stands in its text: from its first sign to behind its last, quotes included. */
interface Cell {
  from: number;
  to: number;
  text: string;
}

/** Takes a text of separated values apart, each cell with its place. */
function cellsOf(text: string, delimiter: string, start: number): Cell[][] {
  const rows: Cell[][] = [[]];
  let at = start;
  while (at <= text.length) {
    const from = at;
    let said = '';
    if (text[at] === '"') {
      at++;
      while (at < text.length && !(text[at] === '"' && text[at + 1] !== '"')) {
        if (text[at] === '"') at++;
        said += text[at++];
      }
      at++;
    }
    while (at < text.length && text[at] !== delimiter && text[at] !== '\n' && text[at] !== '\r')
      said += text[at++];
    rows.at(-1)!.push({ from, to: Math.min(at, text.length), text: said.trim() });
    if (at >= text.length) break;
    if (text[at] === delimiter) at++;
    else {
      at += text[at] === '\r' && text[at + 1] === '\n' ? 2 : 1;
      // A last line end closes the last row; it opens none.
      if (at < text.length) rows.push([]);
      else break;
    }
  }
  return rows;
}

/** A cell as it is written: in quotes where something in it would be read as a sign of the file. */
const written = (value: number | string, delimiter: string, decimalComma: boolean): string => {
  const text = typeof value === 'number' && decimalComma ? String(value).replace('.', ',') : String(value);
  return text.includes(delimiter) || /["\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text;
};

/** Reads separated values so that single cells of them can be filled; null where that is no text. */
export function csvSheet(bytes: Uint8Array): GradeSheet | null {
  const { text, encoding } = decode(bytes);
  if (text.includes('\0') || text.trim() === '') return null;
  const mark = markOf(bytes, encoding);
  const told = /^sep=(.)\r?\n/.exec(text);
  const delimiter = told?.[1] ?? delimiterOf(text);
  const cells = cellsOf(text, delimiter, told?.[0].length ?? 0);
  const decimalComma = delimiter === ';' && cells.flat().some((cell) => /^-?\d+,\d+$/.test(cell.text));
  return {
    name: '',
    rows: cells.map((row) => row.map((cell) => cell.text)),
    formulas: new Set(),
    fill(entries) {
      let out = text;
      // From behind, so that places before stay where they are.
      const placed = entries.flatMap((one) => spliceOf(cells, one) ?? []).sort((a, b) => b.from - a.from);
      for (const { from, to, before, value } of placed)
        out =
          out.slice(0, from) +
          delimiter.repeat(before) +
          written(value, delimiter, decimalComma) +
          out.slice(to);
      return encode(out, encoding, mark);
    },
  };
}

/** Where an entry goes: over its cell, or behind the last one of its row with as many dividers as it takes. */
function spliceOf(
  cells: readonly (readonly Cell[])[],
  { row, column, value }: Entry,
): { from: number; to: number; before: number; value: Entry['value'] } | null {
  const own = cells[row];
  const last = own?.at(-1);
  if (!own || !last) return null;
  const cell = own[column];
  if (cell) return { from: cell.from, to: cell.to, before: 0, value };
  return { from: last.to, to: last.to, before: column - own.length + 1, value };
}
