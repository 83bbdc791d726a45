import { MAX_OPTIONS } from '../question/kinds/options.ts';
import { blankQuestion, type Question } from '../question/question.ts';
import { shuffledOrder, type Random } from '../random/shuffle.ts';
import { foldText } from '../text/fold.ts';
import type { ReadRow } from './sheet/readRow.ts';

export interface Flashcard {
  front: string;
  back: string;
}

/** Tag of questions whose wrong options were drawn and want a look. */
export const REVIEW_TAG = 'to review';

/**
 * Questions with one right option from two-column cards: the wrong ones are drawn from the backs of
 * the other cards, never one that says the same as the right one, each different. They are marked
 * for review, since a drawn one may happen to be right as well.
 */
export function quizFromCards(
  cards: readonly Flashcard[],
  wanted: number,
  newId: () => string,
  random: Random,
): ReadRow[] {
  const backs = [...new Map(cards.map(({ back }) => [foldText(back), back])).entries()].filter(
    ([key]) => key,
  );
  return cards.map(({ front, back }) => {
    const question: Question = { ...blankQuestion(newId), prompt: front.slice(0, 1000), tags: [REVIEW_TAG] };
    const own = foldText(back);
    const others = backs.filter(([key]) => key !== own).map(([, text]) => text);
    const count = Math.min(wanted, MAX_OPTIONS) - 1;
    const drawn = draw(others, count, random).map((text) => ({ id: newId(), text: text.slice(0, 200) }));
    const right = { id: newId(), text: back.slice(0, 200) };
    const mixed = [right, ...drawn];
    const options = shuffledOrder(mixed.length, random).map((i) => mixed[i]!);
    while (options.length < 2) options.push({ id: newId(), text: '' });
    question.answer = { kind: 'choice', options, key: own === '' ? null : right.id };
    const problems: ReadRow['problems'] = [
      { code: 'drawn', field: 'option', found: drawn.map((one) => one.text).join(' | '), mend: null },
    ];
    if (front.trim() === '') problems.push({ code: 'noPrompt', field: 'prompt', found: '', mend: null });
    if (own === '') problems.push({ code: 'noKey', field: 'key', found: '', mend: null });
    if (drawn.length < count)
      problems.push({ code: 'tooFewOptions', field: 'option', found: back, mend: null });
    return { question, problems };
  });
}

/** `count` different things drawn from a list; all of it where it is shorter. */
function draw(list: readonly string[], count: number, random: Random): string[] {
  const left = new Map<number, number>();
  const drawn: string[] = [];
  for (let i = 0; i < Math.min(count, list.length); i++) {
    // Fisher and Yates without copying the list: only the places that were swapped are kept.
    const at = i + Math.floor(random() * (list.length - i));
    drawn.push(list[left.get(at) ?? at]!);
    left.set(at, left.get(i) ?? i);
  }
  return drawn;
}
