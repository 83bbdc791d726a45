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
