import { strFromU8, strToU8 } from 'fflate';
import { readArchive, resolvePath, writeArchive } from '../archive.ts';
import type { Entry, GradeSheet, GradeSheetTrouble } from './sheet.ts';

const named: Record<string, string> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'" };
const plain = (xml: string): string =>
  xml.replace(/&(#x[0-9a-f]+|#\d+|\w+);/gi, (whole, what: string) => {
    if (!what.startsWith('#')) return named[what] ?? whole;
    const code = /^#x/i.test(what) ? Number.parseInt(what.slice(2), 16) : Number(what.slice(1));
    return code <= 0x10ffff ? String.fromCodePoint(code) : whole;
  });
const escaped = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => `&${{ '&': 'amp', '<': 'lt', '>': 'gt', '"': 'quot' }[sign]};`);
const attribute = (tag: string, name: string): string | null => {
  const found = new RegExp(`\\s(?:\\w+:)?${name}=(?:"([^"]*)"|'([^']*)')`).exec(tag);
  return found ? plain(found[1] ?? found[2] ?? '') : null;
};

/** "A" is 0, "AB" 27. */
const columnOf = (ref: string): number =>
  [...ref.replace(/\d+$/, '').toUpperCase()].reduce(
    (sum, letter) => sum * 26 + letter.charCodeAt(0) - 64,
    0,
  ) - 1;
function lettersOf(column: number): string {
  let letters = '';
  for (let n = column + 1; n > 0; n = Math.floor((n - 1) / 26))
    letters = String.fromCharCode(65 + ((n - 1) % 26)) + letters;
  return letters;
}

/** All texts within `<t>` of a part, without what says how Japanese is read. */
const textIn = (xml: string): string =>
  [
    ...xml
      .replace(/<(?:\w+:)?rPh\b[\s\S]*?<\/(?:\w+:)?rPh>/g, '')
      .matchAll(/<(?:\w+:)?t(?:\s[^>]*)?>([\s\S]*?)<\/(?:\w+:)?t>/g),
  ]
    .map(([, text]) => plain(text!))
    .join('');

const ROW = /<((?:\w+:)?)row\b([^>]*?)(?:\/>|>([\s\S]*?)<\/\1row>)/g;
const CELL = /<((?:\w+:)?)c\b([^>]*?)(?:\/>|>([\s\S]*?)<\/\1c>)/g;

interface Found {
  xml: string;
  from: number;
  to: number;
  tag: string;
  body: string;
}
/** Elements of a pattern in a text, each with its place. */
const allOf = (pattern: RegExp, text: string): Found[] =>
  [...text.matchAll(pattern)].map((one) => ({
    xml: one[0],
    from: one.index,
    to: one.index + one[0].length,
    tag: ` ${one[2] ?? ''}`,
    body: one[3] ?? '',
  }));

/** What a cell shows, and whether a formula makes it. */
function shown({ tag, body }: Found, strings: readonly string[]): string {
  const value = /<(?:\w+:)?v(?:\s[^>]*)?>([\s\S]*?)<\/(?:\w+:)?v>/.exec(body)?.[1] ?? '';
  switch (attribute(tag, 't')) {
    case 's':
      return strings[Number(value)] ?? '';
    case 'inlineStr':
      return textIn(body);
    default:
      return plain(value);
  }
}
const isFormula = ({ body }: Found) => /<(?:\w+:)?f[\s/>]/.test(body);

/** The rows of a sheet, and which of its cells are made by formulas. Rows and cells without a place follow the one before. */
function readRows(xml: string, strings: readonly string[]): { rows: string[][]; formulas: Set<string> } {
  const rows: string[][] = [];
  const formulas = new Set<string>();
  let at = -1;
  for (const row of allOf(ROW, xml)) {
    at = Number(attribute(row.tag, 'r') ?? at + 2) - 1;
    while (rows.length <= at) rows.push([]);
    let column = -1;
    for (const cell of allOf(CELL, row.body)) {
      const ref = attribute(cell.tag, 'r');
      column = ref === null ? column + 1 : columnOf(ref);
      rows[at]![column] = shown(cell, strings).trim();
      if (isFormula(cell)) formulas.add(`${at} ${column}`);
    }
  }
  return { rows: rows.map((row) => Array.from(row, (text) => text ?? '')), formulas };
}

/** A cell as it is written; a style that the old one had stays. */
function written(prefix: string, { row, column, value }: Entry, style: string | null): string {
  const head = `<${prefix}c r="${lettersOf(column)}${row + 1}"${style === null ? '' : ` s="${style}"`}`;
  return typeof value === 'number'
    ? `${head}><${prefix}v>${value}</${prefix}v></${prefix}c>`
    : `${head} t="inlineStr"><${prefix}is><${prefix}t>${escaped(value)}</${prefix}t></${prefix}is></${prefix}c>`;
}

/** One row with these entries, in the order of their columns; everything else in it stays to the letter. */
function withEntries(row: Found, prefix: string, entries: readonly Entry[]): string {
  let { body } = row;
  for (const entry of entries) {
    const cells = allOf(CELL, body);
    let column = -1;
    const places = cells.map(({ tag }) => {
      const ref = attribute(tag, 'r');
      return (column = ref === null ? column + 1 : columnOf(ref));
    });
    const at = places.indexOf(entry.column);
    const behind = places.findIndex((one) => one > entry.column);
    const old = at < 0 ? null : cells[at]!;
    const made = written(prefix, entry, old && attribute(old.tag, 's'));
    const from = old?.from ?? (behind < 0 ? body.length : cells[behind]!.from);
    body = body.slice(0, from) + made + body.slice(old?.to ?? from);
  }
  const open = row.xml.slice(0, row.xml.indexOf('>')).replace(/\/$/, '');
  // How wide a row is was a hint, and may not be true any more.
  return `${open.replace(/\sspans=(?:"[^"]*"|'[^']*')/, '')}>${body}</${prefix}row>`;
}

function filled(xml: string, entries: readonly Entry[]): string {
  const byRow = new Map<number, Entry[]>();
  for (const entry of entries) byRow.set(entry.row, [...(byRow.get(entry.row) ?? []), entry]);
  let [out, last, at] = ['', 0, -1];
  for (const row of allOf(ROW, xml)) {
    at = Number(attribute(row.tag, 'r') ?? at + 2) - 1;
    const own = byRow.get(at);
    if (!own) continue;
    const prefix = /^<((?:\w+:)?)row/.exec(row.xml)![1]!;
    out += xml.slice(last, row.from) + withEntries(row, prefix, own);
    last = row.to;
  }
  return out + xml.slice(last);
}

/*
 * By hand, and not by a library of spreadsheets: those write a workbook anew and lose what they do not know. Only the text of
 * the cells that are filled changes here.
 */

/** Reads the sheets of a workbook so that single cells of them can be filled; whatever else is in the file stays. */
export function xlsxSheets(bytes: Uint8Array): { sheets: GradeSheet[] } | { trouble: GradeSheetTrouble } {
  const files = readArchive(bytes);
  if ('trouble' in files) return { trouble: files.trouble === 'notZip' ? 'notZip' : 'tooMuch' };
  const text = (path: string) => {
    const file = files.get(path);
    return file ? strFromU8(file) : '';
  };
  const book = [...files.keys()].find((path) => /(?:^|\/)workbook\.xml$/.test(path));
  if (!book) return { trouble: 'notTable' };
  const relations = text(book.replace(/([^/]+)$/, '_rels/$1.rels'));
  const targets = new Map(
    [...relations.matchAll(/<(?:\w+:)?Relationship\b[^>]*>/g)].map(([tag]) => [
      attribute(tag, 'Id') ?? '',
      { path: resolvePath(book, attribute(tag, 'Target') ?? ''), type: attribute(tag, 'Type') ?? '' },
    ]),
  );
  const shared = [...targets.values()].find(({ type }) => type.endsWith('/sharedStrings'));
  const strings = shared
    ? [...text(shared.path).matchAll(/<(?:\w+:)?si(?:\s[^>]*)?(?:\/>|>([\s\S]*?)<\/(?:\w+:)?si>)/g)].map(
        ([, si]) => textIn(si ?? ''),
      )
    : [];
  const sheets = [...text(book).matchAll(/<(?:\w+:)?sheet\b[^>]*>/g)].flatMap(([tag]): GradeSheet[] => {
    const path = targets.get(/\s\w+:id=["']([^"']+)["']/.exec(tag)?.[1] ?? '')?.path ?? '';
    const xml = text(path);
    if (!/<(?:\w+:)?sheetData/.test(xml)) return [];
    const { rows, formulas } = readRows(xml, strings);
    return [
      {
        name: attribute(tag, 'name') ?? '',
        rows,
        formulas,
        fill: (entries) => writeArchive(new Map([...files, [path, strToU8(filled(xml, entries))]])),
      },
    ];
  });
  return sheets.length > 0 ? { sheets } : { trouble: 'notTable' };
}
