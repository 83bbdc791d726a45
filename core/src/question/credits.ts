import type { Question } from './question.ts';
import type { Picture } from '../media/media.ts';
import { mediaOf } from './media.ts';

/** One line of a credits card: whom to thank, for what, under which terms. */
export interface CreditLine {
  credit: string;
  licence: string;
  /** What it is, by its alternative text; empty for the text of a question. */
  what: string;
}

/** Whom to thank for one thing; where `named` is false, not for what. */
export const lineOf = (
  { credit, licence, alt }: Pick<Picture, 'credit' | 'licence' | 'alt'>,
  named = true,
): CreditLine => ({ credit: credit.trim(), licence: licence.trim(), what: named ? alt.trim() : '' });

/**
 * All whom a set of questions has to thank, each once, in the order in which they come up. Where the
 * key is still to be kept secret (`told` says no), only makers and licences of what was seen with the
 * prompt are named, and not for what.
 */
export function creditsOf(
  questions: readonly Question[],
  told: (question: Question) => boolean = () => true,
): CreditLine[] {
  const lines = questions.flatMap((question): CreditLine[] => {
    const all = told(question);
    const media = mediaOf(question)
      .filter(({ place }) => all || place !== 'answerPicture')
      .map(({ media: one }) => lineOf(one, all));
    return all ? [...media, { credit: question.credit.trim(), licence: '', what: '' }] : media;
  });
  return eachOnce(lines);
}

/** Lines that name somebody, each once. */
export function eachOnce(lines: readonly CreditLine[]): CreditLine[] {
  const seen = new Set<string>();
  return lines.filter((one) => {
    const id = JSON.stringify(one);
    if (one.credit === '' || seen.has(id)) return false;
    seen.add(id);
    return true;
  });
}
