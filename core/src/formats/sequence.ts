import { lacksOf } from '../question/asPlayed.ts';
import type { Question } from '../question/question.ts';
import { shuffledOrder, type Random } from '../random/shuffle.ts';
import { exactly, type Span } from '../show/length/span.ts';
import { refuse, type Refusal } from '../sitting/refusal.ts';
import type { ClothRow, Finding, Picked, Place } from './format.ts';
import type { Sequence } from './items.ts';

/** What chance decided: the items that can be played, in the order of play. */
export interface DealtSequence {
  order: string[];
}

export interface SequenceState {
  order: { id: string; points: number }[];
  /** How many were played; counts on where they come round again. */
  played: number;
}

const playable = ({ items }: Sequence, questions: Record<string, Question>): string[] =>
  items.map(({ id }) => id).filter((id) => questions[id] && lacksOf(questions[id]).length === 0);

export function dealSequence(
  content: Sequence,
  questions: Record<string, Question>,
  random: Random,
): DealtSequence {
  const ids = playable(content, questions);
  return { order: content.shuffle ? shuffledOrder(ids.length, random).map((i) => ids[i]!) : ids };
}

export function beginSequence({ items, points }: Sequence, { order }: DealtSequence): SequenceState {
  const own = new Map(items.map((item) => [item.id, item.points]));
  return { order: order.map((id) => ({ id, points: own.get(id) ?? points })), played: 0 };
}

/** The question of a place, which must be the next one. */
export function chooseInTurn({ order, played }: SequenceState, ref: string): Picked | Refusal {
  const item = ref === String(played) ? order[played] : undefined;
  if (!item) return refuse('notThere', 'That question is not the next one.');
  return { ref, question: item.id, points: item.points };
}

/** All that were not played yet. */
export const leftInTurn = ({ order, played }: SequenceState): Span =>
  exactly(Math.max(0, order.length - played));

/** One row: a cell for each question, in the order of play. */
export const clothInTurn = (
  { order, played }: SequenceState,
  won: (ref: string) => readonly string[],
): ClothRow[] => [
  {
    name: '',
    cells: order.map((_, i) => ({ used: i < played, teams: i < played ? won(String(i)) : [] })),
  },
];

export const placeInTurn = ({ order }: SequenceState, ref: string): Place => ({
  label: '',
  number: Number(ref) + 1,
  of: order.length,
});

/** Findings of a list of questions: none at all, or some that are left out because they are unfinished. */
export function sequenceFindings(content: Sequence, questions: Record<string, Question>): Finding[] {
  const found: Finding[] = [];
  content.items.forEach(({ id }, i) => {
    const question = questions[id];
    const lacks = question ? lacksOf(question) : [];
    if (lacks.length > 0)
      found.push({
        code: 'questionUnfinished',
        ref: id,
        question: id,
        params: { number: i + 1, lacks: lacks.join(',') },
        mustMend: false,
      });
  });
  if (playable(content, questions).length === 0)
    found.push({ code: 'noQuestions', ref: null, question: null, params: {}, mustMend: true });
  return found;
}
