import { expectedShare, type Measured } from '../../library/difficulty.ts';
import type { Question } from '../../question/question.ts';
import { layOut, type BoardContent } from './content.ts';

/** The share of the marks, 0 … 1, that a question of the lowest worth is expected to bring: an easy one. */
const EASY = 0.85;

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/**
 * What a question is worth so that every question of a board brings about the same on average: the
 * lowest value stands for an easy one, and worth × expected share stays the same. Rounded to half the
 * step of the board's values, and never outside of them.
 * @param share 0 … 1, of the marks that is expected. @returns null where the values are not all above zero.
 */
export function suggestWorth(share: number, values: readonly number[]): number | null {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  if (values.length === 0 || low <= 0) return null;
  const step = values.reduce(divisor);
  const grain = step % 2 === 0 ? step / 2 : step;
  const fair = (low * EASY) / Math.max(share, 0.01);
  return Math.min(high, Math.max(low, Math.round(fair / grain) * grain));
}

/**
 * Gives the cells of a category the worth that the difficulty of their questions suggests; where that is
 * the worth of the column, the cell has none of its own. Changes the content in place.
 * @returns how many cells differ from their columns; null where nothing can be suggested.
 */
export function suggestWorths(
  content: BoardContent,
  category: string,
  questions: Record<string, Question>,
  measuredOf: (question: Question) => Measured | null,
): number | null {
  const values = content.values.map((value) => value.points);
  let own = 0;
  const row = layOut(content).find(([cell]) => cell?.category.id === category) ?? [];
  for (const [i, cell] of row.entries()) {
    const question = cell.question === null ? undefined : questions[cell.question];
    if (!question) continue;
    const worth = suggestWorth(expectedShare(question, measuredOf(question)), values);
    if (worth === null) return null;
    content.cells[cell.id]!.value = worth === values[i] ? null : worth;
    if (worth !== values[i]) own++;
  }
  return own;
}
