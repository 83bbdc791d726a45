import { formatOf } from '../../formats/index.ts';
import { kindOf, type KindName } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import { shuffledOrder } from '../../random/shuffle.ts';
import { seeded } from '../../random/seeded.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';

/** The rules of a round of the running order, with what its format prescribes. */
export function rulesAt(state: SittingState, index: number): RoundRules {
  const round = state.show.rounds[index] ?? state.show.rounds[0]!;
  return { ...round.rules, ...formatOf(round.format).prescribes };
}

/** The rules of the round that is on. */
export const rulesOf = (state: SittingState): RoundRules => rulesAt(state, state.round?.index ?? 0);

/** The rules under which a question was played. */
export const rulesFor = (state: SittingState, play: QuestionInPlay): RoundRules =>
  rulesAt(state, state.begun[play.begun]?.index ?? 0);

export const writtenQuestion = (state: SittingState, play: QuestionInPlay): Question =>
  state.show.questions[play.question]!;

export const kindInPlay = (state: SittingState, play: QuestionInPlay) =>
  kindOf(writtenQuestion(state, play).answer.kind as KindName);

/** The place of a question in its round. */
export function placeOf(state: SittingState, play: QuestionInPlay) {
  const { format, state: own } = state.begun[play.begun]!;
  return formatOf(format).place(own, play.ref);
}

/** Whether everybody may see what there is to choose from: since the opening, or with the prompt. */
export function areLaid(state: SittingState, play: QuestionInPlay): boolean {
  if (play.openedAt !== null) return true;
  const withPrompt = play.step !== 'picked' && rulesFor(state, play).optionsWith === 'prompt';
  return withPrompt && kindInPlay(state, play).given !== 'nowhere';
}

/**
 * The order in which a seat sees the options: its own where the round says so, else everybody's.
 * A handset names places in its own order.
 */
export function orderFor(state: SittingState, play: QuestionInPlay, seat: string | null): readonly number[] {
  if (play.seed === null || seat === null) return play.order;
  return shuffledOrder(play.order.length, seeded(`${play.seed}${seat}`)).map((i) => play.order[i]!);
}
