import { kindOf } from './kinds/index.ts';
import { MIN_OPTIONS, wordsOfOption, type Option } from './kinds/options.ts';
import type { Lack } from './kind.ts';
import type { Question } from './question.ts';

const isEmpty = (option: Option): boolean => wordsOfOption(option).trim() === '';

/**
 * A question as it is played, printed and handed on. An option that nobody wrote is no option: it is left
 * out, as long as enough others stand and it is not the key – whoever marked it meant to write it.
 */
export function asPlayed(question: Question): Question {
  const { answer } = question;
  if (!('options' in answer) || !answer.options.some(isEmpty)) return question;
  const options = answer.options.filter((option) => !isEmpty(option));
  const keys = answer.kind === 'choice' ? [answer.key] : answer.kind === 'many' ? answer.keys : [];
  const isKey = answer.options.some((option) => isEmpty(option) && keys.includes(option.id));
  if (options.length < MIN_OPTIONS || isKey) return question;
  return { ...question, answer: { ...answer, options } };
}

/** Every question of a show as it is played. */
export const allAsPlayed = (questions: Readonly<Record<string, Question>>): Record<string, Question> =>
  Object.fromEntries(Object.entries(questions).map(([id, question]) => [id, asPlayed(question)]));

/**
 * What a question lacks as it stands. Of what is frozen in a log this is asked, and nothing else: a log of an
 * earlier version would else find more to play than it had.
 */
export function lacksAsItStands(question: Question): Lack[] {
  const lacks: Lack[] = question.prompt.trim() === '' ? ['prompt'] : [];
  return [...lacks, ...kindOf(question.answer.kind).lacks(question.answer)];
}

/** What a question lacks before it may be played; empty when it is finished. */
export const lacksOf = (question: Question): Lack[] => lacksAsItStands(asPlayed(question));
