import { blankQuestion, type Question } from '../../question/question.ts';
import type { ImportProblem } from '../problem.ts';
import type { Field } from './columns.ts';
import { readMedia } from './mediaCells.ts';
import { readAnswer } from './readAnswer.ts';
import { readKind } from './readKind.ts';
import { readSettings } from './readSettings.ts';
import { SheetRow } from './sheetRow.ts';

/** A question as far as a row could be understood, and what was not understood. */
export interface ReadRow {
  question: Question;
  problems: ImportProblem[];
}

/** Reads one row. `columns` says what each cell holds; what is not understood is said, not dropped. */
export function readRow(
  cells: readonly string[],
  columns: readonly (Field | null)[],
  newId: () => string,
  countsFrom: 0 | 1 | null = 1,
): ReadRow {
  const row = new SheetRow(cells, columns, newId, countsFrom);
  const question = blankQuestion(newId);
  question.prompt = row.cut('prompt', row.one('prompt'), 1000);
  if (question.prompt === '') row.say('noPrompt', 'prompt', '');
  question.answer = readAnswer(row, readKind(row));
  readSettings(row, question);
  readMedia(row, question);
  return { question, problems: row.problems };
}
