import { writtenQuestion } from '../sitting/read/inPlay.ts';
import { correctionsIn } from '../sitting/read/corrections.ts';
import { playOf, scoreNow, type SittingState } from '../sitting/state.ts';
import { itemFigures, totalsOf, type ItemFigures } from './item.ts';
import { overviewOf, shareOf, type Overview } from './overview.ts';
import { sheetOf, type Cell, type Item, type Knower, type Sheet } from './sheet.ts';

/** A letter for what somebody made of a question: right, part, wrong, nothing answered, not asked. */
export type CellSign = 'r' | 'p' | 'w' | 'n' | 'u';

/** What a sitting tells its host: who knew what, and what that says of the questions. */
export interface Report {
  /** Whether rows are people, or teams as a whole. */
  by: 'people' | 'teams';
  /** The group that played; empty where the show names none. */
  group: string;
  /** The titles of the rounds that were begun, in that order; empty where one has none. */
  rounds: string[];
  /** `score` is that of the person or their team. */
  knowers: (Knower & { share: number | null; score: number })[];
  /** `play` is the number under which a question was in play first. */
  items: (Omit<Item, 'plays'> & { play: number; figures: ItemFigures })[];
  /** A row of `CellSign` for each knower, a letter for each question. */
  rows: string[];
  /** The shares of the marks where somebody was partly right, by "row column". */
  parts: Record<string, number>;
  overview: Overview;
  /** How long it went from the first round to the close, and how long it was to go; null where that is not known. */
  minutes: { played: number | null; planned: number | null };
  /** What was put right since the show was closed: the event with which each began, the last one last. */
  corrections: number[];
}

const signs = { right: 'r', part: 'p', wrong: 'w', none: 'n' } as const satisfies Record<
  Cell['is'],
  CellSign
>;

/** How many questions somebody was asked, and how many of them they answered, by the signs of their row. */
export function turnout(signs: Iterable<string>): { asked: number; answered: number } {
  const asked = [...signs].filter((sign) => sign !== 'u');
  return { asked: asked.length, answered: asked.filter((sign) => sign !== 'n').length };
}

function partsOf({ cells }: Sheet): Report['parts'] {
  const parts: Report['parts'] = {};
  cells.forEach((row, r) =>
    row.forEach((cell, c) => {
      if (cell?.is === 'part') parts[`${r} ${c}`] = cell.share;
    }),
  );
  return parts;
}

/** Works the report of a sitting out of its state: what is ruled later changes every figure that depends on it. */
export function reportOf(state: SittingState): Report {
  const sheet = sheetOf(state);
  const totals = totalsOf(sheet);
  const figures = sheet.items.map(({ plays }, column) =>
    itemFigures(sheet, column, writtenQuestion(state, playOf(state, plays[0]!)!), totals),
  );
  const { startedAt, closedAt, show } = state;
  return {
    by: show.devices.mode === 'each' ? 'people' : 'teams',
    group: show.group ?? '',
    rounds: state.begun.map(({ index }) => show.rounds[index]?.title ?? ''),
    knowers: sheet.knowers.map((one, row) => ({
      ...one,
      share: shareOf(sheet.cells[row]!, sheet.items),
      score: scoreNow(state, state.seats.get(one.id)?.team ?? one.id),
    })),
    items: sheet.items.map(({ plays, ...item }, column) => ({
      ...item,
      play: plays[0]!,
      figures: figures[column]!,
    })),
    rows: sheet.cells.map((row) => row.map((cell) => (cell ? signs[cell.is] : 'u')).join('')),
    parts: partsOf(sheet),
    overview: overviewOf(sheet, figures),
    minutes: {
      played: startedAt === null || closedAt === null ? null : Math.round((closedAt - startedAt) / 60_000),
      planned: show.plannedMinutes ?? null,
    },
    corrections: correctionsIn(state),
  };
}
