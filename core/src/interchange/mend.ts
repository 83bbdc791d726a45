import { convert } from '../question/convert.ts';
import type { ImportProblem } from './problem.ts';
import type { ReadRow } from './sheet/readRow.ts';

/** A row once a problem of it was mended as proposed, or taken note of where nothing was proposed. */
export function mendRow<Row extends ReadRow>(row: Row, problem: ImportProblem): Row {
  const problems = row.problems.filter((one) => one !== problem);
  const answer = structured(row.question.answer);
  const isKey = problem.code === 'keyUnknown' || problem.code === 'keyDoubtful';
  if (problem.code === 'numberDoubtful' && answer.kind === 'number') answer.key = Number(problem.mend);
  if (isKey && problem.mend !== null) {
    const option = 'options' in answer && answer.options.find((one) => one.text === problem.mend);
    if (option && answer.kind === 'choice') answer.key = option.id;
    if (option && answer.kind === 'many') answer.keys = [...new Set([...answer.keys, option.id])];
  }
  if (problem.code === 'keysTooMany' && answer.kind === 'choice') {
    const many = convert(answer, 'many', () => '');
    // By the same reading as before: whatever it found must not get lost in mending.
    if (many.kind === 'many') many.keys = problem.keys ?? [];
    return { ...row, question: { ...row.question, answer: many }, problems };
  }
  return { ...row, question: { ...row.question, answer }, problems };
}

const structured = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
