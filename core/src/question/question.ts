import * as v from 'valibot';
import { Id, lines, whole } from '../text/schemas.ts';
import type { Lack } from './kind.ts';
import { AnswerContent, kindOf } from './kinds/index.ts';

/** A question as it is written: may be unfinished, but never beyond these bounds. */
export const Question = v.object({
  id: Id,
  prompt: lines(400),
  answer: AnswerContent,
  /** Seconds for answering; null takes the round's clock. */
  clock: v.nullable(whole(3, 600)),
  /** For the host alone. */
  notes: lines(1000),
  /** Shown with the key. */
  explanation: lines(400),
});
export type Question = v.InferOutput<typeof Question>;

/** A new, empty question that may be chosen among options. `newId` makes ids. */
export function blankQuestion(newId: () => string): Question {
  return {
    id: newId(),
    prompt: '',
    answer: kindOf('choice').blank(newId),
    clock: null,
    notes: '',
    explanation: '',
  };
}

/** What a question lacks before it may be played; empty when it is finished. */
export function lacksOf(question: Question): Lack[] {
  const lacks: Lack[] = question.prompt.trim() === '' ? ['prompt'] : [];
  return [...lacks, ...kindOf(question.answer.kind).lacks(question.answer)];
}
