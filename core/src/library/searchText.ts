import { mediaOf } from '../question/media.ts';
import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import { foldText } from '../text/fold.ts';
import { plainText } from '../text/markdown.ts';

/** All words by which a question can be found – prompt, options, key, tags, what is seen and heard – folded, a blank before each. */
export function searchText(question: Question): string {
  const texts = [
    plainText(question.prompt),
    ...kindOf(question.answer.kind).texts(question.answer).map(plainText),
    ...question.tags,
    ...mediaOf(question).map(({ media }) => media.alt),
  ];
  return ` ${texts.map(foldText).filter(Boolean).join(' ')}`;
}

/** The different words of a folded text. */
export const wordsOf = (folded: string): string[] => [...new Set(folded.split(' ').filter(Boolean))];
