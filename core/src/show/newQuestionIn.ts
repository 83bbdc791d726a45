import { formatOf } from '../formats/index.ts';
import { kindOf } from '../question/kinds/index.ts';
import { blankQuestion, type Question } from '../question/question.ts';
import type { Round } from './show.ts';

/** A new, empty question as a round asks them: an opinion where nothing may be right or wrong. `newId` makes ids. */
export function newQuestionIn({ format, content }: Round, newId: () => string): Question {
  const question = blankQuestion(newId);
  if (formatOf(format).polls(content) === null) return question;
  return { ...question, answer: kindOf('opinion').blank(newId) };
}
