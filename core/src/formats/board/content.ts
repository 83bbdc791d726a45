import * as v from 'valibot';
import { Id, line } from '../../text/schemas.ts';
import { Points } from '../points.ts';

export const MAX_CATEGORIES = 12;
export const MAX_VALUES = 10;

/** A cell: the question on it, and its own value where it differs from its column's. */
export const BoardCell = v.object({ question: v.nullable(Id), value: v.nullable(Points) });
export type BoardCell = v.InferOutput<typeof BoardCell>;

export const BoardContent = v.object({
  categories: v.pipe(
    v.array(v.object({ id: Id, name: line(60) })),
    v.minLength(1, 'At least one category.'),
    v.maxLength(MAX_CATEGORIES, `At most ${MAX_CATEGORIES} categories.`),
  ),
  values: v.pipe(
    v.array(v.object({ id: Id, points: Points })),
    v.minLength(1, 'At least one value.'),
    v.maxLength(MAX_VALUES, `At most ${MAX_VALUES} values.`),
  ),
  /** By `cellId`; an absent cell is an empty one. Reordering rows or columns moves no question. */
  cells: v.record(v.string(), BoardCell),
});
export type BoardContent = v.InferOutput<typeof BoardContent>;

/** The name of the cell where a category and a value meet. */
export const cellId = (category: string, value: string): string => `${category}:${value}`;

/** A cell with its place and what it is worth. */
export interface LaidCell {
  id: string;
  category: { id: string; name: string };
  points: number;
  question: string | null;
}

/** All cells, row by row, values from left to right. */
export function layOut(content: BoardContent): LaidCell[][] {
  return content.categories.map((category) =>
    content.values.map((value) => {
      const id = cellId(category.id, value.id);
      const cell = content.cells[id];
      return { id, category, points: cell?.value ?? value.points, question: cell?.question ?? null };
    }),
  );
}

/** An empty board of 5 × 5 with 100 … 500 (common practice). */
export function blankBoard(newId: () => string): BoardContent {
  return {
    categories: Array.from({ length: 5 }, () => ({ id: newId(), name: '' })),
    values: [100, 200, 300, 400, 500].map((points) => ({ id: newId(), points })),
    cells: {},
  };
}
