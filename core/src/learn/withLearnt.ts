import type { Measured } from '../library/difficulty.ts';
import type { Question } from '../question/question.ts';
import type { Show } from '../show/show.ts';
import type { Learnt } from './questions.ts';

/** What games taught of a question, as building a show needs it. */
export interface Usual extends Measured {
  /** The usual time for an answer (s); null of too few. */
  seconds: number | null;
}

/** Of fewer answers no usual time is told. */
const FEW = 10;

/**
 * The share of its marks that middling people have – whoever was asked it so far may have been better, or worse – and
 * the usual time.
 */
export const usualOf = ({ answers, difficulty, seconds }: Learnt): Usual => ({
  answers,
  share: 1 / (1 + Math.exp(difficulty)),
  seconds: answers >= FEW ? seconds : null,
});

/** A question without what games taught of it: as its host wrote it. */
export function asWritten({ learnt: _, ...question }: Question): Question {
  return question;
}

/**
 * A show whose questions carry what games taught of them, by their ids in the library, and nothing that was taught before.
 * The show itself stays as it is.
 */
export function withLearnt(show: Show, usual: Readonly<Record<string, Usual>>): Show {
  const carrying = (question: Question): Question => {
    const learnt = usual[question.origin?.id ?? ''];
    return learnt ? { ...question, learnt } : asWritten(question);
  };
  return {
    ...show,
    questions: Object.fromEntries(Object.entries(show.questions).map(([id, one]) => [id, carrying(one)])),
  };
}
