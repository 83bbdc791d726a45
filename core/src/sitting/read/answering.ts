import { adviceOn, memberwise, type QuestionInPlay, type SittingState } from '../state.ts';
import { advisers } from './advisers.ts';
import { pollingOf } from './polling.ts';
import { kindInPlay, rulesOf, writtenQuestion } from './inPlay.ts';

/** The teams for which the host may enter an answer now: those on the floor that have given none that is final. */
export function mayBeEntered(state: SittingState): string[] {
  const { question } = state;
  if (question?.step !== 'open' || memberwise(state, question)) return [];
  if (kindInPlay(state, question).given !== 'handset') return [];
  // In a survey hands are counted, and nobody's answer has a name that is not their own.
  const polling = pollingOf(state, question);
  if (polling && (polling.anonymous || state.show.devices.mode === 'none')) return [];
  const advice = adviceOn(question);
  if (advice)
    return state.show.devices.mode === 'each'
      ? []
      : advisers(state, question, advice)
          .map(({ who }) => who)
          .filter((who) => !advice.said.has(who));
  const { change } = rulesOf(state);
  return state.teams
    .map((team) => team.id)
    .filter((id) => question.mode === 'everyone' || id === question.floor)
    .filter((id) => change || !question.byWho.has(id));
}

/**
 * Slots that nobody can pick any more: a team was ruled wrong on them, or they were taken away. With `who` – a seat, a team – also those
 * that they had before and may not have again.
 */
export function ruledOut(
  state: SittingState,
  question: QuestionInPlay,
  who: readonly string[] = [],
): number[] {
  const own = who.flatMap((one) => question.again.get(one)?.removed ?? []);
  const removed = [...question.removed, ...own].map((option) => question.order.indexOf(option));
  if (question.tried.length === 0) return removed;
  const kind = kindInPlay(state, question);
  const content = writtenQuestion(state, question).answer;
  if (!kind.keyed || kind.control(content).type !== 'one') return removed;
  const wrong = question.responses.filter(
    (response) => response.answer && response.verdict === 'wrong' && question.tried.includes(response.team),
  );
  const slots = wrong.flatMap((response) => kind.show(content, question.order, response.answer!).slots);
  return [...new Set([...removed, ...slots])];
}
