import { plainText } from '../text/markdown.ts';
import type { Question } from '../question/question.ts';
import { searchText, wordsOf } from './searchText.ts';

/** Of fewer words nothing can be said. */
const FEWEST = 3;

/** Whether more than half of the words of one text are missing in the other. */
function isLost(before: readonly string[], after: readonly string[]): boolean {
  const kept = new Set(after);
  return before.length >= FEWEST && before.filter((word) => !kept.has(word)).length * 2 > before.length;
}

/**
 * Whether a change writes something else in place of what stood there, so that what it was is worth
 * keeping: more than half of the words, of the prompt or of all, are gone. Typing on loses none.
 */
export function overwrites(before: Question, after: Question): boolean {
  const promptOf = (one: Question) => wordsOf(plainText(one.prompt).toLowerCase());
  return (
    isLost(promptOf(before), promptOf(after)) ||
    isLost(wordsOf(searchText(before)), wordsOf(searchText(after)))
  );
}
