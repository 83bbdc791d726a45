import type { Random } from '../random/shuffle.ts';
import { shuffledOrder } from '../random/shuffle.ts';
import { wordsOfOption } from '../question/kinds/options.ts';
import type { Question } from '../question/question.ts';
import { foldText } from '../text/fold.ts';
import { readingLevel } from './readingLevel.ts';

/** How the keys of a set lie, and how hard it reads. */
export interface SetReview {
  /** How often the key stands at each place, among questions with one key of several options. */
  places: number[];
  /** The place at which it stands too often to be chance, or null. */
  always: number | null;
  /** Places at which it never stands, where chance would have put it several times. */
  never: number[];
  /** Median school year of the English prompts; null where there are too few words. */
  grade: number | null;
}

/** Fewer questions than this say nothing about a habit. */
const FEWEST = 5;
/** One place for three fifths of the keys is a habit (common practice: keys are spread evenly). */
const TOO_OFTEN = 0.6;

/** A place that should have had this many keys by chance, and has none, is avoided. */
const EXPECTED = 3;

const keyPlaceOf = ({ answer }: Question): number =>
  answer.kind === 'choice' ? answer.options.findIndex((option) => option.id === answer.key) : -1;

export function reviewSet(questions: readonly Question[]): SetReview {
  const counts: number[] = [];
  const expected: number[] = [];
  for (const question of questions) {
    const place = keyPlaceOf(question);
    if (place < 0 || question.answer.kind !== 'choice') continue;
    const { length } = question.answer.options;
    for (let i = 0; i < length; i++) {
      counts[i] ??= 0;
      expected[i] = (expected[i] ?? 0) + 1 / length;
    }
    counts[place]!++;
  }
  const all = counts.reduce((sum, count) => sum + count, 0);
  const most = Math.max(0, ...counts);
  const grades = questions
    .map((question) => readingLevel(question.prompt, question.language))
    .flatMap((level) => (level?.by === 'grade' ? [level.value] : []))
    .sort((a, b) => a - b);
  return {
    places: counts,
    never: counts.flatMap((count, place) => (count === 0 && expected[place]! >= EXPECTED ? [place] : [])),
    always: all >= FEWEST && most / all >= TOO_OFTEN ? counts.indexOf(most) : null,
    grade: grades.length >= FEWEST ? grades[Math.floor(grades.length / 2)]! : null,
  };
}

/** Options that speak of the others, or that stand in an order of their own, must keep their places. */
function mustStay({ answer }: Question): boolean {
  if (answer.kind !== 'choice') return true;
  const words = answer.options.map((option) => foldText(wordsOfOption(option)));
  const refers = /\b(?:all|none|both|neither|either) of\b|\babove\b|\bbelow\b|^[a-h] (?:and|or) [a-h]$/;
  const numbers = words.map((word) => parseFloat(word.replace(',', '.')));
  const rising = numbers.every((value, i) => !Number.isNaN(value) && (i === 0 || value > numbers[i - 1]!));
  const falling = numbers.every((value, i) => !Number.isNaN(value) && (i === 0 || value < numbers[i - 1]!));
  return words.some((word) => refers.test(word)) || rising || falling;
}

/**
 * The questions with their keys spread evenly over the places, by moving options. Those whose
 * options must keep their order stay. @returns only the questions that changed.
 */
export function spreadKeys(questions: readonly Question[], random: Random): Question[] {
  const free = questions.filter((question) => keyPlaceOf(question) >= 0 && !mustStay(question));
  const counts = new Map<number, number>();
  for (const question of questions)
    if (!free.includes(question) && keyPlaceOf(question) >= 0)
      counts.set(keyPlaceOf(question), (counts.get(keyPlaceOf(question)) ?? 0) + 1);
  return shuffledOrder(free.length, random).flatMap((i) => {
    const question = free[i]!;
    const { answer } = question;
    if (answer.kind !== 'choice') return [];
    const from = keyPlaceOf(question);
    const places = answer.options.map((_, place) => place);
    const fewest = Math.min(...places.map((place) => counts.get(place) ?? 0));
    // Where it already stands is as good as any other place that is used as seldom.
    const to =
      (counts.get(from) ?? 0) === fewest
        ? from
        : places.find((place) => (counts.get(place) ?? 0) === fewest)!;
    counts.set(to, (counts.get(to) ?? 0) + 1);
    if (to === from) return [];
    const options = [...answer.options];
    [options[from], options[to]] = [options[to]!, options[from]!];
    return [{ ...question, answer: { ...answer, options } }];
  });
}
