import type { PublicQuestion, SeatView } from '@distaff/core/sitting';
import type { Lettered } from '../../design/letters.ts';

/**
 * A question as a seat sees it: in an order of options of its own where it has one. Everything that is told by the
 * places on the stage – what is ruled out, how many chose what, the key – stands at the places of this phone.
 */
export function ownQuestion(question: PublicQuestion, own: SeatView['own']): PublicQuestion & Lettered {
  if (!own) return question;
  const { letters, options } = own;
  return {
    ...question,
    options,
    letters,
    ruledOut: letters.flatMap((slot, i) => (question.ruledOut.includes(slot) ? [i] : [])),
    picks: question.picks && letters.map((slot) => question.picks![slot]!),
    key: question.key && own.key ? { ...question.key, ...own.key } : question.key,
  };
}
