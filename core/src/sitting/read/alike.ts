import type { StoredAnswer } from '../../question/kinds/index.ts';
import { foldText } from '../../text/fold.ts';

/** What an answer says, so that two can be compared as people would: by its folded words, where it has any. */
export function said(answer: StoredAnswer): string {
  const { text } = answer as { text?: unknown };
  return typeof text === 'string' ? foldText(text) : JSON.stringify(answer);
}

/** A name for all answers to a question that say the same, whoever gave them. */
export const alike = ({ question }: { question: string }, answer: StoredAnswer): string =>
  `${question} ${said(answer)}`;
