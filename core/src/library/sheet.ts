import { kindOf } from '../question/kinds/index.ts';
import type { Control, KeyView, OptionView } from '../question/kind.ts';
import type { Question } from '../question/question.ts';
import type { Random } from '../random/shuffle.ts';

/** A question as it stands on paper: laid out once, so that question sheet and answer sheet agree. */
export interface PrintedQuestion {
  number: number;
  question: Question;
  control: Control;
  options: OptionView[];
  key: KeyView;
}

/** A number from 0 to below 1 that follows from a text and a count: the same sheet at every printing. */
function seeded(text: string): Random {
  let state = 2166136261;
  for (const sign of text) state = Math.imul(state ^ sign.codePointAt(0)!, 16777619);
  return () => {
    // Mulberry32.
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** The questions of a set as they are printed; those without a prompt are left out. `version` makes another order of options. */
export function printed(questions: readonly Question[], shuffle: boolean, version = ''): PrintedQuestion[] {
  let number = 0;
  return questions
    .filter((question) => question.prompt.trim() !== '')
    .map((question) => {
      const kind = kindOf(question.answer.kind);
      const order = kind.layOut(question.answer, seeded(`${question.id}${version}`), shuffle);
      return {
        number: kind.given === 'nowhere' ? 0 : ++number,
        question,
        control: kind.control(question.answer),
        options: kind.options(question.answer, order),
        key: kind.key(question.answer, order),
      };
    });
}
