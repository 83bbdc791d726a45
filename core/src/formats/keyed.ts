import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import type { Settled } from './format.ts';

/** Whether a question can be right or wrong: cards and opinions cannot. */
export const isKeyed = (question: Question | undefined): boolean =>
  question !== undefined && kindOf(question.answer.kind).keyed;

/** Whether somebody was wholly right: half of it carries nobody on, and takes nothing. */
export const isWhollyRight = ({ results }: Pick<Settled, 'results'>): boolean =>
  (results ?? []).some(({ share }) => share >= 1);
