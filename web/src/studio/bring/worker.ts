import {
  decode,
  guessColumns,
  readSetFile,
  readSheet,
  readTable,
  type Columns,
  type Encoding,
  type ImportRow,
  type Table,
  type TableTrouble,
} from '@distaff/core/interchange';
import type { QuestionSet } from '@distaff/core';
import { expose } from 'comlink';
import { nanoid } from 'nanoid';

/** What was found in a source at first sight. */
export type Look =
  | { trouble: TableTrouble | 'wrongFile'; sentence: string }
  | {
      kind: 'sheet';
      encoding: Encoding;
      guessed: boolean;
      columns: Columns;
      /** The first rows, to see what the columns hold. */
      first: string[][];
      rows: number;
    }
  | { kind: 'set'; set: QuestionSet; rows: number };

/** Rows shown before anything is brought in. */
const SHOWN = 6;

let table: Table | null = null;
let setRows: ImportRow[] = [];

/** Reading of sources, in a worker so that the page stays alive and the reading can be stopped. */
const reader = {
  look(source: Uint8Array | string): Look {
    const decoded =
      typeof source === 'string'
        ? { text: source, encoding: 'utf-8' as const, guessed: false }
        : decode(source);
    if (/^\s*\{/.test(decoded.text)) {
      const read = readSetFile(decoded.text);
      if ('wrong' in read) return { trouble: 'wrongFile', sentence: read.wrong };
      setRows = read.file.questions.map((question, i) => ({ question, problems: [], line: i + 1 }));
      return { kind: 'set', set: read.file.set, rows: setRows.length };
    }
    const got = readTable(decoded.text);
    if ('trouble' in got) return { trouble: got.trouble, sentence: '' };
    table = got.table;
    return {
      kind: 'sheet',
      encoding: decoded.encoding,
      guessed: decoded.guessed,
      columns: guessColumns(table),
      first: table.rows.slice(0, SHOWN).map((row) => row.cells),
      rows: table.rows.length,
    };
  },

  /** All rows; `told` hears how many are done. */
  async rows(
    columns: Columns | null,
    cards: number | null,
    told: (done: number) => void,
  ): Promise<ImportRow[]> {
    if (!columns || !table) return setRows;
    const reading = readSheet(table, columns, cards, () => nanoid(10), Math.random);
    for (;;) {
      const step = reading.next();
      if (step.done) return step.value;
      told(step.value);
    }
  },
};
export type Reader = typeof reader;
expose(reader);
