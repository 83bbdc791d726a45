import type { Mark } from './marks.ts';
import { findNames, matchPeople, namesIn, type Match } from './match.ts';

type Rows = readonly (readonly string[])[];
type People = readonly { id: string; name: string }[];

/** What the host says of a row that is nobody in the game: they were not there. */
export const ABSENT = 'absent';

/** A row of which it is not sure who it is, with what stands for now: who it is, nobody (''), or absent. */
export interface Doubt extends Match {
  name: string;
  now: string;
}

/** A host's own sheet as it is understood. */
export interface ReadSheet {
  /** The row that heads the columns, −1 where there is none, and what heads each. */
  head: number;
  heads: string[];
  doubts: Doubt[];
  /** Who stands in which row; nobody in two. */
  settled: { row: number; id: string }[];
  /** Rows of those who were not there, as the host says. */
  absent: number[];
  /** Those of the game who stand in no row. */
  missing: string[];
}

const widthOf = (rows: Rows) => Math.max(0, ...rows.map((row) => row.length));
const matchesIn = (rows: Rows, names: readonly number[], people: People): Match[] =>
  names.length === 0 ? [] : matchPeople(namesIn(rows, names), people);

/**
 * Where a sheet has its names, and which column to fill: the first behind them that is empty beside everybody who is
 * found, else a new one. Null where nobody is found.
 */
export function layOut(rows: Rows, people: People): { names: number[]; target: number } | null {
  const found = findNames(rows, people);
  if (!found) return null;
  const names = found.columns;
  const there = matchesIn(rows, names, people).filter(({ person }) => person !== null);
  const isFull = (column: number) => there.some(({ row }) => (rows[row]![column] ?? '') !== '');
  const width = widthOf(rows);
  let target = Math.max(...names) + 1;
  while (target < width && isFull(target)) target++;
  return { names, target };
}

/**
 * Reads a sheet whose names stand in these columns.
 * @param said what the host says of doubtful rows: an id, '' for nobody, or `ABSENT`.
 * @param mayBeAbsent whether whoever was not there has a mark: then every row that is nobody is asked about.
 */
export function readOwnSheet(
  rows: Rows,
  columns: readonly number[],
  people: People,
  said: ReadonlyMap<number, string>,
  mayBeAbsent: boolean,
): ReadSheet {
  const names = namesIn(rows, columns);
  const matches = matchesIn(rows, columns, people);
  const first = matches.find(({ person }) => person !== null)?.row ?? 0;
  const head = first - 1;
  const open = matches.filter(({ row, isSure }) => !isSure && row > head && names[row] !== '');
  const nowOf = ({ row, person }: Match) => said.get(row) ?? person ?? '';
  const settled: ReadSheet['settled'] = [];
  const placed = new Set<string>();
  for (const one of matches) {
    const id = one.isSure ? one.person! : open.includes(one) ? nowOf(one) : '';
    if (id === '' || id === ABSENT || placed.has(id)) continue;
    placed.add(id);
    settled.push({ row: one.row, id });
  }
  const sure = matches.length - matches.filter(({ isSure }) => !isSure).length;
  return {
    head,
    heads: Array.from({ length: widthOf(rows) }, (_, i) => rows[head]?.[i] || letterOf(i)),
    doubts: open
      // Where nobody fits a row is asked about only while it can be somebody.
      .filter(({ candidates }) => mayBeAbsent || candidates.length > 0 || sure < people.length)
      .sort((a, b) => b.candidates.length - a.candidates.length || a.row - b.row)
      .map((one) => ({ ...one, name: names[one.row]!, now: nowOf(one) })),
    settled,
    absent: open.filter((one) => nowOf(one) === ABSENT).map(({ row }) => row),
    missing: people.map(({ id }) => id).filter((id) => !placed.has(id)),
  };
}

/** A column without a head, as spreadsheets call it. */
function letterOf(column: number): string {
  let letters = '';
  for (let n = column + 1; n > 0; n = Math.floor((n - 1) / 26))
    letters = String.fromCharCode(65 + ((n - 1) % 26)) + letters;
  return letters;
}

/** What goes into which cell: a mark for each who is found, that of the absent for those, and a head over a new column. */
export function entriesFor(
  { head, heads, settled, absent }: ReadSheet,
  target: number,
  marks: readonly Pick<Mark, 'id' | 'mark'>[],
  { absentMark, title }: { absentMark: Mark['mark']; title: string },
): { row: number; column: number; value: number | string }[] {
  const byId = new Map(marks.map(({ id, mark }) => [id, mark]));
  const cells: [number, Mark['mark']][] = [
    ...(target >= heads.length && head >= 0 ? [[head, title] as [number, string]] : []),
    ...settled.map(({ row, id }): [number, Mark['mark']] => [row, byId.get(id) ?? null]),
    ...absent.map((row): [number, Mark['mark']] => [row, absentMark]),
  ];
  return cells.flatMap(([row, value]) => (value === null ? [] : [{ row, column: target, value }]));
}
