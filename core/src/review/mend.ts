import type { Option } from '../question/kinds/options.ts';
import { wordsOfOption } from '../question/kinds/options.ts';
import { kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import { foldText } from '../text/fold.ts';
import { readingSeconds } from './readingLevel.ts';
import type { MendName } from './remark.ts';

const FEWEST = 2;

function dropOptions(
  question: Question,
  gone: (option: Option, i: number, all: readonly Option[]) => boolean,
): Question {
  const { answer } = question;
  if (!('options' in answer)) return question;
  const options = answer.options.filter((option, i) => !gone(option, i, answer.options));
  return options.length < FEWEST ? question : { ...question, answer: { ...answer, options } };
}

function isKey({ answer }: Question, id: string): boolean {
  return answer.kind === 'choice'
    ? answer.key === id
    : answer.kind === 'many'
      ? answer.keys.includes(id)
      : false;
}

/** The question with one remark mended; the same one where it cannot be. `today` is YYYY-MM-DD. */
export function mend(question: Question, name: MendName, today: string): Question {
  switch (name) {
    case 'dropEqual':
      // The key stays, or else the first of those that read alike.
      return dropOptions(question, (option, i, all) => {
        const words = foldText(wordsOfOption(option));
        if (words === '' || isKey(question, option.id)) return false;
        return all.some(
          (other, j) =>
            j !== i && foldText(wordsOfOption(other)) === words && (isKey(question, other.id) || j < i),
        );
      });
    case 'checkedToday':
      return {
        ...question,
        trueAsOf: today,
        checkAgainBy: `${Number(today.slice(0, 4)) + 1}${today.slice(4).replace('-02-29', '-02-28')}`,
      };
    case 'moreTime': {
      const texts = kindOf(question.answer.kind).texts(question.answer);
      const seconds = Math.ceil((readingSeconds([question.prompt, ...texts]) * 2) / 5) * 5;
      return { ...question, clock: Math.min(600, Math.max(question.clock ?? 0, seconds)) };
    }
  }
}
