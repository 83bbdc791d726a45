import Papa from 'papaparse';
import type { Standing } from '../practice/standing.ts';
import type { Results } from '../report/results.ts';
import type { LeagueTable } from '../term/league/table.ts';

/**
 * A CSV text (RFC 4180: CRLF between lines, quotes doubled) with a byte-order mark, so that
 * spreadsheets read it as UTF-8. Texts that a spreadsheet would run as a formula are led in by an
 * apostrophe; numbers stay numbers, negative ones too.
 */
export const toCsv = (header: string[], rows: Iterable<Row>): string => [...csvParts(header, rows)].join('');

type Row = (string | number | null)[];
const FORMULA = /^[=+\-@\t\r＝＋－＠]/u;
const safe = (row: Row): Row =>
  row.map((cell) => (typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell));
/** So many rows are written at once. */
const AT_ONCE = 1000;

/** The same in parts, one after the other, so that a long one is on its way before its end is written. */
export function* csvParts(header: string[], rows: Iterable<Row>): Generator<string> {
  const write = (some: Row[]) => `${Papa.unparse(some, { newline: '\r\n' })}\r\n`;
  yield `\uFEFF${write([header])}`;
  let some: Row[] = [];
  for (const row of rows) {
    some.push(safe(row));
    if (some.length < AT_ONCE) continue;
    yield write(some);
    some = [];
  }
  if (some.length > 0) yield write(some);
}

/** A file: what heads its columns, and its rows. */
type Sheet = [header: string[], rows: Iterable<Row>];

export const standingsSheet = (results: Results): Sheet => [
  ['place', 'team', 'score', 'players'],
  results.standings.map((row) => [row.place, row.team, row.score, row.players.join('; ')]),
];

export const responsesSheet = (results: Results): Sheet => [
  [
    'question',
    'category',
    'value',
    'prompt',
    'key',
    'team',
    'player',
    'answer',
    'ruling',
    'ruled by',
    'share',
    'points of the team',
    'seconds',
  ],
  responseRows(results),
];

function* responseRows(results: Results): Generator<Row> {
  for (const row of results.responses)
    yield [
      row.number,
      row.category,
      row.value,
      row.prompt,
      row.key,
      row.team,
      row.player,
      row.answer,
      row.verdict,
      row.ruledBy,
      row.share === null ? null : Math.round(row.share * 1000) / 1000,
      row.brought,
      row.seconds,
    ];
}

/** What a practice brought everybody: a row each, for a grade book. Minutes are those of all attempts together; `when` writes a moment. */
export const gradesCsv = (
  people: readonly (Standing & { name: string })[],
  outOf: number,
  when: (ms: number) => string,
): string =>
  toCsv(
    ['name', 'state', 'points', 'out of', 'percent', 'attempts', 'minutes', 'last seen', 'late'],
    people.map((one) => [
      one.name,
      { finished: 'finished', onTheWay: 'on the way', notBegun: 'not begun' }[one.state],
      one.points === null ? null : Math.round(one.points * 100) / 100,
      outOf,
      one.points === null || outOf === 0 ? null : Math.round((one.points / outOf) * 1000) / 10,
      one.attempts,
      one.attempts === 0 ? null : Math.round(one.took / 6000) / 10,
      one.lastSeen === null ? '' : when(one.lastSeen),
      one.late ? 'late' : '',
    ]),
  );

/** The table of a league: a row for each, and what each game brought; one left out stands in brackets. `day` writes a moment. */
export const leagueCsv = ({ games, rows }: LeagueTable, day: (ms: number) => string): string =>
  toCsv(
    ['place', 'team', 'points', 'played', 'change', ...games.map(({ title, at }) => `${title} ${day(at)}`)],
    rows.map((row) => [
      row.place,
      row.name,
      row.points,
      row.played,
      row.change,
      ...row.results.map((one) => (one === null ? null : one.isDropped ? `(${one.points})` : one.points)),
    ]),
  );
