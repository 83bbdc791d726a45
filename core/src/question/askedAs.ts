import { foldText } from '../text/fold.ts';
import { wordsOfOption } from './kinds/options.ts';
import type { Question } from './question.ts';

/**
 * What a question asks, so that it is known again in another round or another show: its words and what there is to
 * choose, folded. Equal texts mean that answers to both may be compared.
 */
export function askedAs({ prompt, answer }: Pick<Question, 'prompt' | 'answer'>): string {
  const parts =
    answer.kind === 'opinion'
      ? [answer.pick ?? 'one', ...answer.options.map((one) => foldText(wordsOfOption(one)))]
      : answer.kind === 'scale'
        ? [String(answer.steps), String(answer.from)]
        : [];
  return [answer.kind, foldText(prompt), ...parts].join('|');
}
