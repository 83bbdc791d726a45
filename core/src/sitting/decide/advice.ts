import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import { ALLOWANCE, isRunning, run } from '../../time/clock.ts';
import type { StoredAnswer } from '../../question/kinds/index.ts';
import type { Draft } from '../events.ts';
import { advisers, mayAdvise } from '../read/advisers.ts';
import { adviceOn, type QuestionInPlay, type SittingState } from '../state.ts';
import type { Context } from './context.ts';

/** Takes what somebody would answer; with the last of them the advice is over. */
export function advised(
  state: SittingState,
  question: QuestionInPlay,
  { who, team, seat }: { who: string; team: string; seat: string },
  answer: StoredAnswer,
  context: Context,
): Draft[] | Refusal {
  const advice = adviceOn(question)!;
  if (!mayAdvise(question, advice, { who, team })) return refuse('notYours', 'notAsked');
  if (advice.said.has(who)) return refuse('already', 'hasAdvised');
  if (isRunning(advice.clock) && context.now > advice.clock.deadline + ALLOWANCE)
    return refuse('late', 'adviceLate');
  const given: Draft = { type: 'advised', who, team, seat: seat || null, answer };
  // The one who was asked has spoken, or somebody of the team.
  if (advice.of === 'voice') return [given, closed(question, 'all', context)];
  const { present = () => true } = context;
  const missing = advisers(state, question, advice).filter(
    (one) => one.who !== who && !advice.said.has(one.who) && (!state.seats.has(one.who) || present(one.who)),
  );
  return missing.length > 0 ? [given] : [given, closed(question, 'all', context)];
}

const closed = (question: QuestionInPlay, why: 'all' | 'time' | 'host', { now }: Context): Draft => ({
  type: 'adviceClosed',
  why,
  clock: question.clock && run(question.clock, now),
});

/** Ends the advice before everybody has spoken. */
export function closeAdvice(state: SittingState, why: 'time' | 'host', context: Context): Draft[] | Refusal {
  const { question } = state;
  return question && adviceOn(question) ? [closed(question, why, context)] : refuse('notNow', 'noAdvice');
}

/** Where there are no handsets, hands are counted: a number for each option, in the order of the stage. */
export function countAdvice(
  state: SittingState,
  counts: readonly number[],
  context: Context,
): Draft[] | Refusal {
  const { question } = state;
  const advice = question && adviceOn(question);
  if (!question || advice?.of !== 'room') return refuse('notNow', 'roomNotAsked');
  if (counts.length !== question.order.length || !counts.some((n) => n > 0))
    return refuse('invalid', 'countFirst');
  const drafts = closeAdvice(state, 'host', context);
  return isRefusal(drafts) ? drafts : [{ type: 'adviceCounted', counts: [...counts] }, ...drafts];
}

/** When the time of those who are asked is over (server ms), or null. */
export function adviceOver({ question }: SittingState): number | null {
  const advice = question && adviceOn(question);
  return advice && isRunning(advice.clock) ? advice.clock.deadline + ALLOWANCE : null;
}
