import { mediaOf } from '../../question/media.ts';
import { foldText } from '../../text/fold.ts';
import { quizFromCards } from '../flashcards.ts';
import type { Random } from '../../random/shuffle.ts';
import type { Columns } from './columns.ts';
import { readRow, type ReadRow } from './readRow.ts';
import type { Table } from './table.ts';

/** A row of a source with the number of its line there. */
export interface ImportRow extends ReadRow {
  line: number;
}

/**
 * From which number keys count their options: from 1, unless a 0 stands among them or in the names of the
 * columns. Then nobody can say, and every number is told as a doubt.
 */
function countedFrom(
  fields: Columns['fields'],
  body: readonly (readonly string[])[],
  header: readonly string[],
): 1 | null {
  const key = fields.indexOf('key');
  const zero = body.some((cells) => /^0(?:[.,]0+)?$/.test(cells[key] ?? ''));
  const named = fields.some((field, i) => field === 'option' && /\D0$/.test(header[i] ?? ''));
  return fields.includes('option') && (zero || named) ? null : 1;
}

/** Rows of which nothing can be said before the next call, so that a long reading can be told and stopped. */
const AT_ONCE = 200;

/**
 * Reads all rows of a sheet, or its first two columns as flashcards with `cards` options each.
 * Yields how many are done after each part; returns the rows.
 */
export function* readSheet(
  { rows, brokenQuotes }: Table,
  { hasHeader, skip = 0, fields }: Columns,
  cards: number | null,
  newId: () => string,
  random: Random,
): Generator<number, ImportRow[]> {
  const body = hasHeader ? rows.slice(skip + 1) : rows;
  const countsFrom = countedFrom(
    fields,
    body.map(({ cells }) => cells),
    hasHeader ? (rows[skip]?.cells ?? []) : [],
  );
  const broken = new Set(brokenQuotes);
  const seen = new Map<string, number>();
  const read: ImportRow[] = [];
  const drawn = cards === null ? null : fromCards();
  for (const [i, { line, cells }] of body.entries()) {
    const row: ImportRow = { ...(drawn ? drawn[i]! : readRow(cells, fields, newId, countsFrom)), line };
    if (broken.has(line))
      row.problems.push({
        code: 'brokenQuotes',
        field: '',
        found: cells.join(' · ').slice(0, 200),
        mend: null,
      });
    // One question about two pictures is two.
    const asked = foldText(row.question.prompt);
    const prompt = [asked, ...mediaOf(row.question).map(({ media }) => media.file)].join(' ').trim();
    const before = seen.get(prompt);
    if (prompt !== '' && before !== undefined)
      row.problems.push({ code: 'twice', field: 'prompt', found: String(before), mend: null });
    else seen.set(prompt, line);
    read.push(row);
    if (i % AT_ONCE === AT_ONCE - 1) yield read.length;
  }
  return read;

  function fromCards(): ReadRow[] {
    const at = (field: 'prompt' | 'key', usual: number) => {
      const found = fields.indexOf(field);
      return found < 0 ? usual : found;
    };
    const [front, back] = [at('prompt', 0), at('key', 1)];
    return quizFromCards(
      body.map(({ cells }) => ({
        front: cells[front] ?? '',
        back: (cells[back] ?? '').replace(/\s*\n\s*/g, ' '),
      })),
      cards!,
      newId,
      random,
    );
  }
}
