import { add, ALLOWANCE, hold, isRunning, run } from '../clock.ts';
import type { Draft } from '../events.ts';
import { refuse, type Refusal } from '../refusal.ts';
import type { SittingState } from '../state.ts';
import type { Context } from './context.ts';
import { at, lock } from './steps.ts';

const noClock = refuse('notNow', 'No clock is running.');

export function setClock(
  state: SittingState,
  act: 'hold' | 'run' | 'drop',
  { now }: Context,
): Draft[] | Refusal {
  const { question, no } = at(state, 'open');
  if (no) return no;
  const clock = question.clock;
  if (!clock) return noClock;
  if (act === 'drop') return [{ type: 'clockSet', clock: null }];
  if (isRunning(clock) === (act === 'run'))
    return refuse('already', act === 'run' ? 'The clock runs.' : 'The clock is held.');
  return [{ type: 'clockSet', clock: act === 'run' ? run(clock, now) : hold(clock, now) }];
}

export function addTime(state: SittingState, seconds: number, { now }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'open');
  if (no) return no;
  if (!question.clock) return noClock;
  return [{ type: 'clockSet', clock: add(question.clock, seconds * 1000, now) }];
}

/** Locks a question whose time is over; nothing to do before that. */
export function timeUp(state: SittingState, { now }: Context): Draft[] | Refusal {
  const moment = due(state);
  if (moment === null || now < moment) return refuse('notNow', 'Time is not up.');
  return lock(state, 'time');
}

/** The next moment at which time itself acts (server milliseconds), or null. */
export function due(state: SittingState): number | null {
  const question = state.question;
  if (question?.step !== 'open' || !isRunning(question.clock)) return null;
  return question.clock.deadline + ALLOWANCE;
}
