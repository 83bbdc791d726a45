import Papa from 'papaparse';
import type { Mark, MarkRule } from '../../report/marks/index.ts';
import { writeArchive } from '../archive.ts';
import { columns, packageFiles, type FileName, type Row } from './columns.ts';

/** Part of the WHATWG Encoding standard; every host of this code has it. */
declare const TextEncoder: new () => { encode(text: string): Uint8Array };

/** What is written: one column of a grade book. Ids are those of the school's own systems. */
export interface Gradebook {
  /** The column's own id: the same for the same game, so that a later file corrects an earlier one. */
  id: string;
  title: string;
  description: string;
  /** When it was played, and when this was written (ISO 8601, UTC). */
  played: string;
  written: string;
  school: string;
  class: string;
  period: string;
  /** The category and, where it is a new one, how it is called. */
  category: { id: string; isNew: string | null };
}

/** A mark with the id of whoever it belongs to. */
export type Sourcing = Pick<Mark, 'mark' | 'raw' | 'extra' | 'answered'> & { student: string };

/** The least and the most that a mark can be; null where the rule knows no bound. */
function boundsOf({ scale, from, full }: MarkRule, marks: readonly Sourcing[]): [number, number] {
  if (scale.kind === 'range') return [Math.min(scale.worst, scale.best), Math.max(scale.worst, scale.best)];
  if (from === 'share') return [0, 100];
  const raws = marks.flatMap(({ raw }) => raw ?? []);
  return [Math.min(0, ...raws), full ?? Math.max(0, ...raws)];
}

/** An id with nothing in it that an address would not take (RFC 3986, 2.3), and still another one for each. */
const plainId = (id: string): string =>
  id.replace(/[^\w.-]/gu, (sign) => `~${sign.codePointAt(0)!.toString(16)}`);
const day = (moment: string) => moment.slice(0, 10);
const decimals = (n: number) => String(Math.round(n * 100) / 100);

function resultOf(one: Sourcing, book: Gradebook): Row<'results'> {
  const { mark, raw, extra } = one;
  const isAbsent = one.answered === 0;
  return {
    sourcedId: `${book.id}-${one.student}`,
    status: 'active',
    dateLastModified: book.written,
    lineItemSourcedId: book.id,
    studentSourcedId: one.student,
    scoreStatus: mark === null ? 'not submitted' : 'fully graded',
    // A letter goes beside the number that it comes from.
    score:
      typeof mark === 'number' ? String(mark) : typeof mark === 'string' ? decimals((raw ?? 0) + extra) : '',
    scoreDate: day(book.played),
    comment: '',
    textScore: typeof mark === 'string' ? mark : '',
    classSourcedId: book.class,
    inProgress: 'false',
    incomplete: 'false',
    // Nobody says that of a game.
    late: '',
    missing: String(isAbsent),
  };
}

function csv<F extends FileName>(file: F, rows: readonly Row<F>[]): string {
  const heads: readonly string[] = columns[file];
  const cells = rows.map((row) => heads.map((head) => (row as Record<string, string>)[head] ?? ''));
  return `${Papa.unparse([[...heads], ...cells], { newline: '\r\n' })}\r\n`;
}

/**
 * Marks as a package of OneRoster 1.2 (CSV binding): one line item with a result for each. Written as a delta, since a
 * bulk file would tell the school's system to forget every other line item.
 */
export function writeGradebook(of: Gradebook, rule: MarkRule, marks: readonly Sourcing[]): Uint8Array {
  const book = { ...of, id: plainId(of.id) };
  const [least, most] = boundsOf(rule, marks);
  const stamp = { status: 'active', dateLastModified: book.written };
  const { category } = book;
  const files: [FileName, string][] = [
    ...(category.isNew === null
      ? []
      : [
          [
            'categories',
            csv('categories', [{ sourcedId: category.id, ...stamp, title: category.isNew, weight: '' }]),
          ] as [FileName, string],
        ]),
    [
      'lineItems',
      csv('lineItems', [
        {
          sourcedId: book.id,
          ...stamp,
          title: book.title,
          description: book.description,
          assignDate: day(book.played),
          dueDate: day(book.played),
          classSourcedId: book.class,
          categorySourcedId: category.id,
          gradingPeriodSourcedId: book.period,
          resultValueMin: decimals(least),
          resultValueMax: decimals(most),
          schoolSourcedId: book.school,
        },
      ]),
    ],
    [
      'results',
      csv(
        'results',
        marks.map((one) => resultOf(one, book)),
      ),
    ],
  ];
  const present = new Set(files.map(([name]) => name as string));
  const manifest = [
    ['propertyName', 'value'],
    ['manifest.version', '1.0'],
    ['oneroster.version', '1.2'],
    ...packageFiles.map((name) => [`file.${name}`, present.has(name) ? 'delta' : 'absent']),
    ['source.systemName', 'Distaff'],
    ['source.systemCode', 'distaff'],
  ];
  const text = new Map<string, string>([
    ['manifest.csv', `${Papa.unparse(manifest, { newline: '\r\n' })}\r\n`],
    ...files.map(([name, content]): [string, string] => [`${name}.csv`, content]),
  ]);
  const encoder = new TextEncoder();
  return writeArchive(new Map([...text].map(([name, content]) => [name, encoder.encode(content)])));
}
