import { csvSheet } from './csv.ts';
import { xlsxSheets } from './xlsx.ts';

/** What is written into one cell; both counted from 0. */
export interface Entry {
  row: number;
  column: number;
  value: number | string;
}

/** One sheet of a host's own file. */
export interface GradeSheet {
  name: string;
  /** What stands in it, row by row from the first. */
  rows: string[][];
  /** Cells that a formula fills, as "row column": they are not written over. */
  formulas: ReadonlySet<string>;
  /** The whole file again with these cells filled, and nothing else changed. */
  fill(entries: readonly Entry[]): Uint8Array;
}

export type GradeSheetTrouble = 'notTable' | 'notZip' | 'tooMuch' | 'locked';

/** Reads a host's own sheet: a workbook (Office Open XML, ECMA-376) or separated values (RFC 4180 and its cousins). */
export function readGradeSheet(bytes: Uint8Array): { sheets: GradeSheet[] } | { trouble: GradeSheetTrouble } {
  const [a, b] = bytes;
  // A workbook with a password, and those of before 2007, are compound files.
  if (a === 0xd0 && b === 0xcf) return { trouble: 'locked' };
  if (a === 0x50 && b === 0x4b) return xlsxSheets(bytes);
  const sheet = csvSheet(bytes);
  return sheet ? { sheets: [sheet] } : { trouble: 'notTable' };
}
