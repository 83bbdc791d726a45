import type { AnswerContent, StoredAnswer } from '../kinds/index.ts';
import { chosenIn, type OpinionAnswer } from '../kinds/opinion.ts';
import type { ScaleAnswer } from '../kinds/scale.ts';
import type { WordsAnswer } from '../kinds/words.ts';
import { ranked, rankedByHands, type RankedOutcome } from './ranked.ts';
import { onScale, type ScaleOutcome } from './scale.ts';
import { shares, type SharesOutcome } from './shares.ts';
import { inWords, type WordGroups, type WordsOutcome } from './words.ts';

/** What many people together answered to a question that has no key. */
export type Outcome = SharesOutcome | ScaleOutcome | RankedOutcome | WordsOutcome;

/** What was said otherwise than one by one: hands that were counted for each place, and how words were grouped. */
export interface Beside {
  hands: readonly number[] | null;
  groups: WordGroups;
}
export const NOTHING_BESIDE: Beside = { hands: null, groups: new Map() };

/**
 * Adds answers up, in the order in which the options were written; counted hands take their place. Null for
 * kinds that have a key, or no answer.
 */
export function outcomeOf(
  content: AnswerContent,
  answers: readonly StoredAnswer[],
  { hands, groups }: Beside = NOTHING_BESIDE,
): Outcome | null {
  switch (content.kind) {
    case 'opinion': {
      const ids = content.options.map(({ id }) => id);
      const chosen = (answers as unknown as OpinionAnswer[]).map((one) =>
        chosenIn(one).map((id) => ids.indexOf(id)),
      );
      if (content.pick === 'ranked') return hands ? rankedByHands(hands) : ranked(ids.length, chosen);
      return shares(ids.length, chosen, content.pick === 'several', hands);
    }
    case 'scale': {
      const counts = Array.from({ length: content.steps }, (_, i) => hands?.[i] ?? 0);
      if (!hands) for (const { step } of answers as unknown as ScaleAnswer[]) counts[step]!++;
      return onScale(counts, content.from);
    }
    case 'words':
      return inWords(
        (answers as unknown as WordsAnswer[]).map(({ text }) => text),
        groups,
      );
    default:
      return null;
  }
}
