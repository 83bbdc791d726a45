import Papa from 'papaparse';
import type { Standing } from '../practice/standing.ts';
import type { Results } from '../report/results.ts';
import type { LeagueTable } from '../term/league/table.ts';

/**
 * A CSV text (RFC 4180: CRLF between lines, quotes doubled) with a byte-order mark, so that
 * spreadsheets read it as UTF-8. Texts that a spreadsheet would run as a formula are led in by an
 * apostrophe; numbers stay numbers, negative ones too.
 */
export function toCsv(header: string[], rows: (string | number | null)[][]): string {
  const safe = rows.map((row) =>
    row.map((cell) => (typeof cell === 'string' && /^[=+\-@\t\r＝＋－＠]/u.test(cell) ? `'${cell}` : cell)),
  );
  return `\uFEFF${Papa.unparse([header, ...safe], { newline: '\r\n' })}\r\n`;
}

export const standingsCsv = (results: Results): string =>
  toCsv(
    ['place', 'team', 'score', 'players'],
    results.standings.map((row) => [row.place, row.team, row.score, row.players.join('; ')]),
  );

export const responsesCsv = (results: Results): string =>
  toCsv(
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
    results.responses.map((row) => [
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
    ]),
  );

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
