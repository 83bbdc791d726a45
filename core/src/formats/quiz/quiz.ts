import { refuse } from '../../refusal.ts';
import { usual, type Format } from '../format.ts';
import {
  beginSequence,
  chooseInTurn,
  clothInTurn,
  dealSequence,
  filledList,
  leftInTurn,
  listAsWritten,
  listWith,
  placeInTurn,
  placesInList,
  sequenceFindings,
  sequenceHarm,
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
  ...usual,
  suits: {
    anew: { floor: 'everyone', afterWrong: 'close' },
    aloud: { floor: 'turn', afterWrong: 'handOn', passShare: 50 },
    always: {},
  },
  harm: sequenceHarm,
  blank: blankQuiz,
  places: (content) => placesInList(content),
  filled: filledList,
  withQuestions: listWith,
  findings: sequenceFindings,
  deal: dealSequence,
  asWritten: listAsWritten,
  begin: (content, _questions, dealt) => beginSequence(content, dealt ?? { order: [] }),
  next: ({ order, played }) => (played < order.length ? String(played) : null),
  choose: chooseInTurn,
  place: placeInTurn,
  act: () => refuse('notThere', 'There is nothing to choose here.'),
  evolve(state, event) {
    if (event.type === 'settled') state.played++;
  },
  left: leftInTurn,
  isOver: ({ order, played }) => played >= order.length,
  cloth: clothInTurn,
  facts: ({ items, points }) => ({ count: items.length, points }),
  view: ({ order, played }) => ({ format: 'quiz', played, of: order.length }),
};
