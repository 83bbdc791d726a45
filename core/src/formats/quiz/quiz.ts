import { refuse } from '../../sitting/refusal.ts';
import { usual, type Format } from '../format.ts';
import {
  beginSequence,
  dealSequence,
  sequenceFindings,
  type DealtSequence,
  type SequenceState,
} from '../sequence.ts';
import type { QuizContent } from './content.ts';

export interface QuizView {
  format: 'quiz';
  played: number;
  of: number;
}

/** Quiz: one question after the other, as a rule the same to all. */
export const quiz: Format<QuizContent, SequenceState, QuizView, DealtSequence> = {
  ...usual,
  questionsOf: (content) => content.items.map(({ id }) => id),
  findings: sequenceFindings,
  deal: dealSequence,
  begin: (content, _questions, dealt) => beginSequence(content, dealt ?? { order: [] }),
  next: ({ order, played }) => (played < order.length ? String(played) : null),
  choose({ order, played }, ref) {
    const item = ref === String(played) ? order[played] : undefined;
    if (!item) return refuse('notThere', 'That question is not the next one.');
    return { ref, question: item.id, points: item.points };
  },
  place: ({ order }, ref) => ({ label: '', number: Number(ref) + 1, of: order.length }),
  act: () => refuse('notThere', 'There is nothing to choose here.'),
  evolve(state, event) {
    if (event.type === 'settled') state.played++;
  },
  isOver: ({ order, played }) => played >= order.length,
  view: ({ order, played }) => ({ format: 'quiz', played, of: order.length }),
};
