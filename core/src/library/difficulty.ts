import type { Question } from '../question/question.ts';

/** How a question did over sittings: answers with a mark, and the mean share of the marks, 0 … 1. */
export interface Measured {
  answers: number;
  share: number;
}

/** Fewer answers than this tell too little. */
export const TELLING = 10;
/** What is expected of a question that only its author judged; 0.62 where nobody did. */
const EXPECTED = { easy: 0.85, medium: 0.6, hard: 0.35 };
const UNKNOWN = 0.62;

/** The share of the marks to be expected, 0 … 1: as measured where that tells enough, else as its author judged. */
export function expectedShare(
  question: Pick<Question, 'difficulty' | 'learnt'>,
  measured: Measured | null = question.learnt ?? null,
): number {
  const judged = question.difficulty ? EXPECTED[question.difficulty] : UNKNOWN;
  if (!measured) return judged;
  // The fewer answers there are, the more the judgement counts.
  const weight = Math.min(1, measured.answers / TELLING);
  return weight * measured.share + (1 - weight) * judged;
}

/** Questions from the easiest to the hardest; those that are equal stay in their order. */
export function byDifficulty<T extends Pick<Question, 'difficulty'>>(
  questions: readonly T[],
  measuredOf: (question: T) => Measured | null,
): T[] {
  return questions
    .map((question) => ({ question, share: expectedShare(question, measuredOf(question)) }))
    .sort((a, b) => b.share - a.share)
    .map(({ question }) => question);
}
