import {
  decode,
  guessColumns,
  isQuestionText,
  readArchive,
  readQtiPackage,
  readQuestionText,
  readSetPackage,
  readSetFile,
  readSheet,
  readTable,
  sheetHeader,
  tableOf,
  writeArchive,
  writeQtiPackage,
  writeRow,
  writeSetPackage,
  type Columns,
  type Encoding,
  type ImportRow,
  type ArchiveTrouble,
  type MediaFile,
  type PackageTrouble,
  type QtiVersion,
  type ReadPackage,
  type Table,
  type TableTrouble,
} from '@distaff/core/interchange';
import type { QuestionSet } from '@distaff/core/library';
import { expose } from 'comlink';
import { nanoid } from 'nanoid';
import type { BookSheet } from './xlsx.ts';

/** What was found in a source at first sight. */
export type Look =
  | {
      trouble: TableTrouble | ArchiveTrouble | PackageTrouble | 'wrongFile' | 'wrongWorkbook';
      sentence: string;
    }
  | {
      kind: 'sheet';
      encoding: Encoding;
      guessed: boolean;
      columns: Columns;
      /** The first rows, to see what the columns hold. */
      first: string[][];
      rows: number;
      /** Sheets of a workbook to choose from, and which one this is. */
      sheets: { name: string; hidden: boolean }[];
      sheet: number;
    }
  | { kind: 'text'; columns: Columns; rows: number }
  | { kind: 'set'; set: QuestionSet; rows: number; media: string[]; broken: string[] };

/** Whether bytes are a zip archive, as every workbook is. */
const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

const encode = (text: string) => new TextEncoder().encode(text);

/** Rows shown before anything is brought in. */
const SHOWN = 6;

let table: Table | null = null;
let setRows: ImportRow[] = [];
let media: ReadPackage['media'] = new Map();
let book: BookSheet[] = [];

/** Reading of sources, in a worker so that the page stays alive and the reading can be stopped. */
const reader = {
  async look(source: Uint8Array | string): Promise<Look> {
    if (typeof source !== 'string' && isZip(source)) return lookAtArchive(source);
    const decoded =
      typeof source === 'string'
        ? { text: source, encoding: 'utf-8' as const, guessed: false }
        : decode(source);
    if (/^\s*\{/.test(decoded.text)) {
      const read = readSetFile(decoded.text);
      if ('wrong' in read) return { trouble: 'wrongFile', sentence: read.wrong };
      setRows = read.file.questions.map((question, i) => ({ question, problems: [], line: i + 1 }));
      return { kind: 'set', set: read.file.set, rows: setRows.length, media: [], broken: [] };
    }
    if (/^\s*</.test(decoded.text)) return lookAtItems(new Map([['item.xml', encode(decoded.text)]]));
    if (isQuestionText(decoded.text)) {
      const written = readQuestionText(decoded.text);
      table = written.table;
      return { kind: 'text', columns: written.columns, rows: table.rows.length };
    }
    return lookAtTable(readTable(decoded.text), decoded);
  },

  /** The cells of the first sheet of a workbook; null where it cannot be read. */
  async cells(bytes: Uint8Array): Promise<string[][] | null> {
    const { readWorkbook } = await import('./xlsx.ts');
    return (await readWorkbook(bytes))?.[0]?.rows ?? null;
  },

  /** Another sheet of the workbook that is being brought in. */
  async turnTo(sheet: number): Promise<Look> {
    return lookAtSheet(sheet);
  },

  /** A set file of ours, or a sheet, as a workbook. */
  async workbook(source: string): Promise<Uint8Array> {
    const { writeWorkbook } = await import('./xlsx.ts');
    const read = readSetFile(source);
    if ('file' in read) {
      const { set, questions } = read.file;
      return writeWorkbook(set.title, sheetHeader, questions.map(writeRow));
    }
    const got = readTable(source);
    if ('trouble' in got) throw new Error(got.trouble);
    const [header = [], ...rows] = got.table.rows.map((row) => row.cells);
    return writeWorkbook('Questions', header, rows);
  },

  /** A file of the package that is being brought in. */
  async file(name: string): Promise<Uint8Array> {
    return media.get(name)!.bytes;
  },

  /** A set file of ours and its media as an archive. */
  async pack(source: string, format: QtiVersion | 'own', files: Map<string, MediaFile>): Promise<Uint8Array> {
    const read = readSetFile(source);
    if ('wrong' in read) throw new Error(read.wrong);
    const { set, questions } = read.file;
    return writeArchive(
      format === 'own'
        ? writeSetPackage(set, questions, files)
        : writeQtiPackage(set, questions, format, files),
    );
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

/** A workbook, a package of ours, or one of QTI. */
async function lookAtArchive(bytes: Uint8Array): Promise<Look> {
  const files = readArchive(bytes);
  if ('trouble' in files) return { trouble: files.trouble, sentence: '' };
  if (files.has('[Content_Types].xml')) return lookAtWorkbook(bytes);
  const own = readSetPackage(files);
  if (!own) return lookAtItems(files);
  if ('wrong' in own) return { trouble: 'wrongFile', sentence: own.wrong };
  setRows = own.rows;
  media = own.media;
  return { kind: 'set', set: own.set, rows: setRows.length, media: [...media.keys()], broken: own.broken };
}
function lookAtItems(files: ReadonlyMap<string, Uint8Array>): Look {
  const read = readQtiPackage(files, () => nanoid(10));
  if ('trouble' in read) return { trouble: read.trouble, sentence: read.at };
  setRows = read.rows;
  media = read.media;
  const set = { title: read.title, description: '', folder: '', credit: '' };
  return { kind: 'set', set, rows: setRows.length, media: [...media.keys()], broken: read.broken };
}

/** A workbook is heavy to read: its reader comes only when one is there. */
async function lookAtWorkbook(bytes: Uint8Array): Promise<Look> {
  const { readWorkbook } = await import('./xlsx.ts');
  const sheets = await readWorkbook(bytes);
  if (!sheets) return { trouble: 'wrongWorkbook', sentence: '' };
  book = sheets;
  return lookAtSheet(0);
}
function lookAtSheet(at: number): Look {
  const found = lookAtTable(tableOf(book[at]!.rows), { encoding: 'utf-8', guessed: false });
  if ('trouble' in found || found.kind !== 'sheet') return found;
  return { ...found, sheets: book.map(({ name, hidden }) => ({ name, hidden })), sheet: at };
}

function lookAtTable(
  got: ReturnType<typeof readTable>,
  { encoding, guessed }: { encoding: Encoding; guessed: boolean },
): Look {
  if ('trouble' in got) return { trouble: got.trouble, sentence: '' };
  table = got.table;
  return {
    kind: 'sheet',
    encoding,
    guessed,
    columns: guessColumns(table),
    first: table.rows.slice(0, SHOWN).map((row) => row.cells),
    rows: table.rows.length,
    sheets: [],
    sheet: 0,
  };
}

export type Reader = typeof reader;
expose(reader);
