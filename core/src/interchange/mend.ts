import { convert } from '../question/convert.ts';
import { foldText } from '../text/fold.ts';
import type { ImportProblem } from './problem.ts';
import type { ReadRow } from './sheet/readRow.ts';
import { splitCell } from './sheet/cells.ts';

/** A row once a problem of it was mended as proposed, or taken note of where nothing was proposed. */
export function mendRow<Row extends ReadRow>(row: Row, problem: ImportProblem): Row {
  const problems = row.problems.filter((one) => one !== problem);
  const answer = structured(row.question.answer);
  if (problem.code === 'keyUnknown' && problem.mend !== null) {
    const option = 'options' in answer && answer.options.find((one) => one.text === problem.mend);
    if (option && answer.kind === 'choice') answer.key = option.id;
    if (option && answer.kind === 'many') answer.keys = [...new Set([...answer.keys, option.id])];
  }
  if (problem.code === 'keysTooMany' && answer.kind === 'choice') {
    const wanted = splitCell(problem.found)
      .flatMap((part) => part.split(/[,;&]/))
      .map(foldText);
    const many = convert(answer, 'many', () => '');
    if (many.kind === 'many')
      many.keys = many.options
        .filter((option, i) => wanted.includes(foldText(option.text)) || wanted.includes(letter(i)))
        .map((option) => option.id);
    return { ...row, question: { ...row.question, answer: many }, problems };
  }
  return { ...row, question: { ...row.question, answer }, problems };
}

const letter = (i: number) => String.fromCharCode(97 + i);
const structured = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
