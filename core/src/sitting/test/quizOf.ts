import { rulesWith } from '../../formats/rules.ts';
import type { AnswerContent } from '../../question/kinds/index.ts';
import type { Devices } from '../../show/devices.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { Show } from '../../show/show.ts';
import { question, sampleShow } from './table.ts';

/** A show of one quiz, everyone at once, with these answers under the names c0, c1, …; 100 points each. */
export function quizOf(
  answers: AnswerContent[],
  rules: Partial<RoundRules> = {},
  devices: Partial<Devices> = {},
): Show {
  const ids = answers.map((_, i) => `c${i}`);
  return {
    ...sampleShow(),
    devices: { mode: 'team', score: 'teams', combine: 'mean', ...devices },
    rounds: [
      {
        id: 'quiz',
        format: 'quiz',
        title: '',
        rules: rulesWith({ floor: 'everyone', afterWrong: 'close', shuffleOptions: false, ...rules }),
        content: { items: ids.map((id) => ({ id, points: null })), points: 100, shuffle: false },
      },
    ],
    questions: Object.fromEntries(
      answers.map((answer, i) => [ids[i]!, { ...question(ids[i]!, `Ask ${i}`, answer), explanation: '' }]),
    ),
  };
}
