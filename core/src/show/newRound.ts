import { blankBoard } from '../formats/board/content.ts';
import { blankCounterweight } from '../formats/counterweight/content.ts';
import { blankInterlude } from '../formats/interlude/content.ts';
import { blankKnockout } from '../formats/knockout/content.ts';
import { blankQuiz } from '../formats/quiz/content.ts';
import { formatOf } from '../formats/index.ts';
import { defaultRules } from './rules.ts';
import type { Round } from './show.ts';

/**
 * A new, empty round of a format, with the rules that suit it. `newId` makes ids.
 * Steps in which nothing new is seen are taken together; shows from before keep each by itself.
 */
export function newRound(format: Round['format'], newId: () => string): Round {
  const { prescribes } = formatOf(format);
  const everyone = format === 'quiz' ? ({ floor: 'everyone', afterWrong: 'close' } as const) : {};
  const base = {
    id: newId(),
    title: '',
    rules: { ...defaultRules, steps: 'joined' as const, ...everyone, ...prescribes },
  };
  switch (format) {
    case 'board':
      return { ...base, format, content: blankBoard(newId) };
    case 'quiz':
      return { ...base, format, content: blankQuiz() };
    case 'knockout':
      return { ...base, format, content: blankKnockout() };
    case 'counterweight':
      return { ...base, format, content: blankCounterweight() };
    case 'interlude':
      return { ...base, format, content: blankInterlude() };
  }
}
