import { lacksOf } from '../../question/asPlayed.ts';
import { kindOf } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import { finding } from '../finding.ts';
import type { Finding } from '../format.ts';
import { isKeyed } from '../keyed.ts';
import { sequenceFindings, sequenceHarm } from '../sequence.ts';
import type { ClaimContent } from './content.ts';

export const claimHarm = {
  ...sequenceHarm,
  noSquares: 6,
  rowTooLong: 7,
  notByItself: 8,
  tooFewForSquares: 27,
  topicsMissing: 31,
};

/** Squares that stay empty or have no topic, a row that does not fit, and what is judged by the host. */
export function claimFindings(content: ClaimContent, questions: Record<string, Question>): Finding[] {
  const found = sequenceFindings(content, questions);
  const { rows, columns, inARow, items, topics, shows, open } = content;
  const squares = rows * columns;
  const ready = items.filter(({ id }) => questions[id] && lacksOf(questions[id]).length === 0);
  const count = ready.filter(({ id }) => isKeyed(questions[id])).length;
  if (count === 0 && ready.length > 0) found.push(finding('noSquares', {}, { mustMend: true }));
  else if (count > 0 && count < squares) found.push(finding('tooFewForSquares', { count, squares }));
  if (inARow > Math.max(rows, columns)) found.push(finding('rowTooLong', { row: inARow, rows, columns }));
  const without = items.slice(0, squares).filter(({ id }) => !topics[id]?.trim()).length;
  if (shows === 'topic' && without > 0 && without < Math.min(squares, items.length))
    found.push(finding('topicsMissing', { n: without }));
  items.forEach(({ id }, i) => {
    const question = questions[id];
    if (open && question && isKeyed(question) && kindOf(question.answer.kind).given !== 'handset')
      found.push(finding('notByItself', { number: i + 1 }, { ref: id, question: id }));
  });
  return found;
}
