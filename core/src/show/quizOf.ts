import type { Question } from '../question/question.ts';
import { formatOf } from '../formats/index.ts';
import { newRound } from './newRound.ts';
import { blankShow, type Show } from './show.ts';

/** A show of nothing but these questions, one after the other. */
export function quizOf(title: string, questions: readonly Question[]): Show {
  const round = newRound('quiz', () => 'quiz');
  const content = formatOf('quiz').filled(
    round.content,
    questions.map(({ id }) => id),
  );
  return {
    ...blankShow(title, () => 'blank'),
    rounds: [{ ...round, content } as Show['rounds'][number]],
    questions: Object.fromEntries(questions.map((question) => [question.id, question])),
  };
}
