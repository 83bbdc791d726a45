import { byDifficulty, type Measured } from '../../library/difficulty.ts';
import type { Question } from '../../question/question.ts';
import { layOut, type BoardContent } from './content.ts';

/** The cells of a category from the lowest to the highest worth, with the question on each. */
const byWorth = (content: BoardContent, category: string) =>
  layOut(content)
    .flat()
    .filter((cell) => cell.category.id === category)
    .map((cell) => ({ id: cell.id, points: cell.points, question: cell.question }))
    .sort((a, b) => a.points - b.points);

/** The cells of a category that hold no question, from the lowest worth up. */
export const emptyCells = (content: BoardContent, category: string): string[] =>
  byWorth(content, category)
    .filter((cell) => cell.question === null)
    .map((cell) => cell.id);

/**
 * Puts the questions of a category where their difficulty belongs, the easier ones at the lower
 * worth; cells keep their worth, empty cells stay empty. Changes the content in place.
 */
export function arrangeByDifficulty(
  content: BoardContent,
  category: string,
  questions: Record<string, Question>,
  measuredOf: (question: Question) => Measured | null,
): void {
  const filled = byWorth(content, category).filter((cell) => cell.question !== null);
  const sorted = byDifficulty(
    filled.flatMap((cell) => questions[cell.question!] ?? []),
    measuredOf,
  );
  if (sorted.length !== filled.length) return;
  filled.forEach((cell, i) => (content.cells[cell.id]!.question = sorted[i]!.id));
}

/** Exchanges what stands on two cells; their worth stays where it is. Changes the content in place. */
export function swapCells(content: BoardContent, a: string, b: string): void {
  const at = (id: string) => (content.cells[id] ??= { question: null, value: null });
  [at(a).question, at(b).question] = [at(b).question, at(a).question];
}
