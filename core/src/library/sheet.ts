import { kindOf } from '../question/kinds/index.ts';
import type { Control, KeyView, OptionView } from '../question/kind.ts';
import { asPlayed } from '../question/asPlayed.ts';
import type { Question } from '../question/question.ts';
import { seeded } from '../random/seeded.ts';

/** A question as it stands on paper: laid out once, so that question sheet and answer sheet agree. */
export interface PrintedQuestion {
  number: number;
  question: Question;
  control: Control;
  options: OptionView[];
  key: KeyView;
}

/** The questions of a set as they are printed; those without a prompt are left out. `version` makes another order of options. */
export function printed(questions: readonly Question[], shuffle: boolean, version = ''): PrintedQuestion[] {
  let number = 0;
  return questions
    .filter((question) => question.prompt.trim() !== '')
    .map((written) => {
      const question = asPlayed(written);
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
