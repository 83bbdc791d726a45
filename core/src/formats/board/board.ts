import { lacksAsItStands, lacksOf } from '../../question/asPlayed.ts';
import type { Question } from '../../question/question.ts';
import { exactly } from '../../time/span.ts';
import type { RoundRules } from '../rules.ts';
import { refuse } from '../../refusal.ts';
import { usual, type Finding, type Format } from '../format.ts';
import { blankBoard, layOut, type BoardContent } from './content.ts';

export interface BoardCellState {
  id: string;
  points: number;
  question: string | null;
  /** `empty`: nothing to play here; `used`: played, and `winner` says who won it, if anybody. */
  state: 'empty' | 'open' | 'used';
  winner: string | null;
}

export interface BoardState {
  rows: { id: string; name: string; cells: BoardCellState[] }[];
}

/** The board as all may see it: no question, no id of one. */
export interface BoardView {
  format: 'board';
  rows: { id: string; name: string; cells: Omit<BoardCellState, 'question'>[] }[];
}

function find(state: BoardState, ref: string) {
  for (const row of state.rows) {
    const cell = row.cells.find((candidate) => candidate.id === ref);
    if (cell) return { row, cell };
  }
  return null;
}

const playable = (questions: Record<string, Question>, id: string | null): boolean => {
  const question = id === null ? undefined : questions[id];
  return question !== undefined && lacksAsItStands(question).length === 0;
};

function findings(
  content: BoardContent,
  questions: Record<string, Question>,
  teams: number,
  rules: RoundRules,
): Finding[] {
  const found: Finding[] = [];
  let count = 0;
  for (const cell of layOut(content).flat()) {
    const question = cell.question === null ? undefined : questions[cell.question];
    if (!question) continue;
    const lacks = lacksOf(question);
    if (lacks.length === 0) count++;
    else {
      const params = { category: cell.category.name, points: cell.points, lacks: lacks.join(',') };
      found.push({ code: 'cellUnfinished', ref: cell.id, question: question.id, params, mustMend: false });
    }
  }
  for (const [row, category] of content.categories.entries()) {
    const inUse = layOut(content)[row]!.some((cell) => cell.question !== null);
    if (inUse && category.name.trim() === '')
      found.push({
        code: 'categoryUnnamed',
        ref: category.id,
        question: null,
        params: { row: row + 1 },
        mustMend: false,
      });
  }
  if (count === 0)
    found.push({ code: 'noPlayableCell', ref: null, question: null, params: {}, mustMend: true });
  else if (teams > 0 && count % teams !== 0 && rules.floor === 'turn')
    found.push({ code: 'turnsUneven', ref: null, question: null, params: { count, teams }, mustMend: false });
  return found;
}

/** Category board: categories × values; a cell is picked, its question played, and it closes. */
export const board: Format<BoardContent, BoardState, BoardView, null> = {
  ...usual,
  draws: () => true,
  seenBetween: true,
  chosen: true,
  // A board keeps its turns whatever suits the room.
  suits: { anew: {}, aloud: {}, always: { floor: 'turn', afterWrong: 'handOn' } },
  harm: { noPlayableCell: 4, cellUnfinished: 14, turnsUneven: 21, categoryUnnamed: 30 },
  blank: blankBoard,
  places: (content) =>
    layOut(content)
      .flat()
      .map(({ id, category, question, points }) => ({ id, ref: id, label: category.name, question, points })),
  filled: (content, questions) => {
    const free = layOut(content).flat();
    const cells = questions
      .slice(0, free.length)
      .map((question, i) => [free[i]!.id, { question, value: content.cells[free[i]!.id]?.value ?? null }]);
    return { ...content, cells: Object.fromEntries(cells) };
  },
  withQuestions: (content, at) => {
    const cells = board.places(content).flatMap((place) => {
      const { id, question } = place;
      return question === null ? [] : [[id, { ...content.cells[id]!, question: at({ ...place, question }) }]];
    });
    return { ...content, cells: { ...content.cells, ...Object.fromEntries(cells) } };
  },
  findings,
  deal: () => null,
  asWritten: () => null,

  begin: (content, questions) => ({
    rows: layOut(content).map((cells, i) => ({
      id: content.categories[i]!.id,
      name: content.categories[i]!.name,
      cells: cells.map((cell) => ({
        id: cell.id,
        points: cell.points,
        question: cell.question,
        state: playable(questions, cell.question) ? ('open' as const) : ('empty' as const),
        winner: null,
      })),
    })),
  }),

  next: () => null,
  choose(state, ref) {
    const found = find(state, ref);
    if (!found || found.cell.state === 'empty') return refuse('notThere', 'cellEmpty');
    if (found.cell.state === 'used') return refuse('used', 'cellPlayed');
    const { id, points, question } = found.cell;
    return { ref: id, question: question!, points };
  },
  place: (state, ref) => ({ label: find(state, ref)?.row.name ?? '', number: null, of: null }),
  move(state, _table, random) {
    const open = state.rows.flatMap((row) => row.cells).filter((cell) => cell.state === 'open');
    const cell = open[Math.floor(random() * open.length)];
    return cell ? { type: 'choose', ref: cell.id } : null;
  },
  evolve(state, event, ref) {
    if ((event.type !== 'settled' && event.type !== 'resettled') || ref === null) return;
    const found = find(state, ref);
    if (found) Object.assign(found.cell, { state: 'used', winner: event.winner });
  },

  left: (state) =>
    exactly(state.rows.flatMap((row) => row.cells).filter((cell) => cell.state === 'open').length),

  isOver: (state) => state.rows.every((row) => row.cells.every((cell) => cell.state !== 'open')),

  cloth: (state, won) =>
    board.view(state).rows.map(({ name, cells }) => ({
      name,
      cells: cells.map((cell) => ({
        used: cell.state === 'used',
        teams: cell.state === 'used' ? won(cell.id) : [],
      })),
    })),

  facts: (content) => {
    const points = layOut(content)
      .flat()
      .filter((cell) => cell.question !== null)
      .map((cell) => cell.points);
    if (points.length === 0) return { count: 0, low: 0, high: 0 };
    return { count: points.length, low: Math.min(...points), high: Math.max(...points) };
  },
  view: (state) => ({
    format: 'board',
    rows: state.rows
      .filter((row) => row.cells.some((cell) => cell.state !== 'empty'))
      .map((row) => ({
        id: row.id,
        name: row.name,
        cells: row.cells.map(({ id, points, state: cellState, winner }) => ({
          id,
          points,
          state: cellState,
          winner,
        })),
      })),
  }),
};
