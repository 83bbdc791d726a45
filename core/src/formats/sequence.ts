import { lacksOf } from '../question/asPlayed.ts';
import type { Question } from '../question/question.ts';
import { shuffledOrder, type Random } from '../random/shuffle.ts';
import { exactly, type Span } from '../time/span.ts';
import { refuse, type Refusal } from '../refusal.ts';
import { finding } from './finding.ts';
import { usual, type ClothRow, type Finding, type Picked, type Place, type WrittenPlace } from './format.ts';
import { MAX_ITEMS, type Sequence } from './items.ts';

/** What chance decided: the items that can be played, in the order of play. */
export interface DealtSequence {
  order: string[];
}

export interface SequenceState {
  order: { id: string; points: number }[];
  /** How many were played; counts on where they come round again. */
  played: number;
}

/** What is found in any list, and how much harm it does. */
export const sequenceHarm = { noQuestions: 3, questionUnfinished: 13 };

/** The places of a list; where its questions do not pay, all are worth nothing. */
export const placesInList = ({ items, points }: Sequence, pays = true): WrittenPlace[] =>
  items.map((item, i) => ({
    id: item.id,
    ref: String(i),
    label: '',
    question: item.id,
    points: pays ? (item.points ?? points) : 0,
  }));

/** A list of these questions, each worth what the list says. */
export const filledList = <Content extends Sequence>(
  content: Content,
  questions: readonly string[],
): Content => ({ ...content, items: questions.slice(0, MAX_ITEMS).map((id) => ({ id, points: null })) });

/** A list with other questions in the same places. */
export const listWith = <Content extends Sequence>(
  content: Content,
  at: (place: WrittenPlace & { question: string }) => string,
): Content => {
  const places = placesInList(content);
  const items = content.items.map((item, i) => ({ ...item, id: at({ ...places[i]!, question: item.id }) }));
  return { ...content, items };
};

/** All items in the order in which they are written, also those that are unfinished. */
export const listAsWritten = ({ items }: Sequence): DealtSequence => ({ order: items.map(({ id }) => id) });

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
  if (!item) return refuse('notThere', 'notNextQuestion');
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

/** What formats have in common whose questions come one after the other; each takes it and says what differs. */
export const usualInTurn = {
  ...usual,
  harm: sequenceHarm,
  filled: filledList,
  withQuestions: listWith,
  asWritten: listAsWritten,
  choose: chooseInTurn,
  place: placeInTurn,
  left: leftInTurn,
  isOver: ({ order, played }: SequenceState): boolean => played >= order.length,
  next: ({ order, played }: SequenceState): string | null => (played < order.length ? String(played) : null),
  cloth: clothInTurn,
};

/** Findings of a list of questions: none at all, or some that are left out because they are unfinished. */
export function sequenceFindings(content: Sequence, questions: Record<string, Question>): Finding[] {
  const found: Finding[] = [];
  content.items.forEach(({ id }, i) => {
    const question = questions[id];
    const lacks = question ? lacksOf(question) : [];
    if (lacks.length > 0)
      found.push(
        finding('questionUnfinished', { number: i + 1, lacks: lacks.join(',') }, { ref: id, question: id }),
      );
  });
  if (playable(content, questions).length === 0) found.push(finding('noQuestions', {}, { mustMend: true }));
  return found;
}
