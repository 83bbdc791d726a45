import type { Question } from '../question/question.ts';
import type { PaperAnswer } from './valueOnPaper.ts';

/** An answer as it was stored, whatever its kind. */
interface Stored {
  option?: string;
  options?: string[];
  value?: boolean | number;
  rights?: (string | null)[];
  text?: string;
}

/**
 * The shares that answers deserve by the key, looked up by hand: whose, and how much. Answers on which
 * only a person or the forgiving of spellings can say more are left out.
 */
export function markOnPaper(
  { answer: key }: Question,
  answers: readonly PaperAnswer[],
  everyone: boolean,
  had: readonly string[],
): Map<string, number> {
  const shares = new Map<string, number>();
  for (const one of answers) {
    const given = one.answer as Stored | null;
    if (given === null || (!everyone && !had.includes(one.team))) continue;
    const share = shareOf(key, given);
    if (share !== null) shares.set(one.who, share);
  }
  return shares;
}

function shareOf(key: Question['answer'], given: Stored): number | null {
  switch (key.kind) {
    case 'choice':
      return given.option === key.key ? 1 : 0;
    case 'truefalse':
      return given.value === key.key ? 1 : 0;
    case 'many': {
      const right = key.options.filter((one) => key.keys.includes(one.id)).map((one) => one.id);
      const hits = right.filter((id) => given.options!.includes(id)).length;
      const misses = given.options!.filter((id) => !right.includes(id)).length;
      if (key.marking === 'all') return hits === right.length && misses === 0 ? 1 : 0;
      return hits > misses ? (hits - misses) / right.length : 0;
    }
    case 'order': {
      const ids = key.options.map((one) => one.id);
      if (key.marking === 'all') return ids.join() === given.options!.join() ? 1 : 0;
      // Of every two things: do they stand the right way round?
      let right = 0;
      let pairs = 0;
      ids.forEach((first, i) => {
        for (const second of ids.slice(i + 1)) {
          pairs++;
          if (given.options!.indexOf(first) < given.options!.indexOf(second)) right++;
        }
      });
      return right / pairs;
    }
    case 'text':
      // Letter for letter as it was written is right under any rule; else it depends on what is forgiven.
      return key.accepted.includes(given.text ?? '') ? 1 : null;
    default:
      return null;
  }
}
