import { formatOf } from '../formats/index.ts';
import type { Sequence } from '../formats/items.ts';
import type { Selection } from '../library/selection.ts';
import { kindNames, kindOf } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import type { Round, Show } from './show.ts';

export type RoundWithList = Extract<Round, { content: Sequence }>;

/** Whether the questions of a round come one after the other, so that a rule can choose them. */
export const hasList = (round: Round): round is RoundWithList => 'items' in round.content;

/** The ids of the questions that a round holds. */
export const questionsIn = ({ format, content }: Round): string[] =>
  formatOf(format)
    .places(content)
    .flatMap(({ question }) => question ?? []);

/** The ids in the library of all questions of a show but those of one round. */
export function originsBeside(show: Show, roundId: string): Set<string> {
  const others = show.rounds.filter((round) => round.id !== roundId).flatMap(questionsIn);
  return new Set(others.flatMap((id) => show.questions[id]?.origin?.id ?? []));
}

/** The rule by which a round takes questions, with the kinds that make sense in it where it names none; null without one. */
export function ruleOf({ format, content }: RoundWithList): Selection | null {
  const { rule } = content;
  if (!rule || rule.kinds.length > 0) return rule ?? null;
  const own = formatOf(format);
  return { ...rule, kinds: kindNames.filter((name) => own.draws(kindOf(name))) };
}

/** Puts questions in place of those that a round holds; changes the show in place. `newId` makes ids. */
export function fillRound(
  show: Show,
  round: RoundWithList,
  questions: readonly Question[],
  newId: () => string,
): void {
  for (const id of questionsIn(round)) delete show.questions[id];
  const ids = questions.map((question) => {
    const id = newId();
    show.questions[id] = { ...question, id };
    return id;
  });
  round.content = formatOf(round.format).filled(round.content, ids) as typeof round.content;
}

/** A round over again with copies of its questions, right after it; changes the show in place. @returns its id. */
export function duplicateRound(show: Show, id: string, title: string, newId: () => string): string | null {
  const at = show.rounds.findIndex((one) => one.id === id);
  const round = show.rounds[at];
  if (!round) return null;
  const copy = JSON.parse(JSON.stringify({ ...round, id: newId(), title })) as Round;
  const copied = (question: string): string => {
    const own = newId();
    const written = show.questions[question];
    if (written) show.questions[own] = { ...(JSON.parse(JSON.stringify(written)) as Question), id: own };
    return own;
  };
  copy.content = formatOf(copy.format).withQuestions(copy.content, (place) =>
    copied(place.question),
  ) as typeof copy.content;
  show.rounds.splice(at + 1, 0, copy);
  return copy.id;
}
