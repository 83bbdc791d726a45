import { formatOf } from '../formats/index.ts';
import { defaultRules } from '../formats/rules.ts';
import type { Round } from './show.ts';

/**
 * A new, empty round of a format, with the rules that suit it. `newId` makes ids.
 * Steps in which nothing new is seen are taken together; shows from before keep each by itself.
 */
export function newRound(name: Round['format'], newId: () => string): Round {
  const format = formatOf(name);
  const rules = { ...defaultRules, steps: 'joined', ...format.suits.anew, ...format.prescribes };
  return { id: newId(), format: name, title: '', rules, content: format.blank(newId) } as Round;
}
