import type { Format } from '../format.ts';
import {
  beginSequence,
  dealSequence,
  placesInList,
  sequenceFindings,
  usualInTurn,
  type DealtSequence,
  type SequenceState,
} from '../sequence.ts';
import { blankQuiz, type QuizContent } from './content.ts';

export interface QuizView {
  format: 'quiz';
  played: number;
  of: number;
}

/** Quiz: one question after the other, as a rule the same to all. */
export const quiz: Format<QuizContent, SequenceState, QuizView, DealtSequence> = {
  ...usualInTurn,
  draws: () => true,
  suits: {
    anew: { floor: 'everyone', afterWrong: 'close' },
    aloud: { floor: 'turn', afterWrong: 'handOn', passShare: 50 },
    always: {},
  },
  blank: blankQuiz,
  places: (content) => placesInList(content),
  findings: sequenceFindings,
  deal: dealSequence,
  begin: (content, _questions, dealt) => beginSequence(content, dealt ?? { order: [] }),
  evolve(state, event) {
    if (event.type === 'settled') state.played++;
  },
  facts: ({ items, points }) => ({ count: items.length, points }),
  view: ({ order, played }) => ({ format: 'quiz', played, of: order.length }),
};
