import type { HostCommand } from '../command.ts';
import type { Draft } from '../events.ts';
import { kindInPlay } from '../read/inPlay.ts';
import { nextStep } from '../read/nextStep.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import type { SittingState } from '../state.ts';
import { turnAfter } from '../read/turns.ts';
import type { Context } from './context.ts';
import { choose } from './round.ts';
import { posed, settle } from './steps.ts';

/**
 * Takes the next step, and with it those that show nothing new. `after` is the event after which it was
 * offered; `one` decides a single command.
 */
export function next(
  state: SittingState,
  after: number,
  context: Context,
  one: (command: HostCommand) => Draft[] | Refusal,
): Draft[] | Refusal {
  if (after !== state.steppedWith) return refuse('overtaken', 'stepTaken');
  const [first, ...rest] = nextStep(state).does;
  if (!first) return refuse('notNow', 'decideFirst');
  const drafts = one(first);
  if (isRefusal(drafts)) return drafts;
  const all = [...drafts];
  for (const step of rest) {
    const more = joined(state, step, all, context);
    // What cannot follow at once is the next step after this one.
    if (isRefusal(more)) break;
    all.push(...more);
  }
  return all;
}

/** What a step does right after others that are decided and have not happened yet. */
function joined(
  state: SittingState,
  step: HostCommand,
  before: readonly Draft[],
  context: Context,
): Draft[] | Refusal {
  const { question } = state;
  const { random } = context;
  switch (step.type) {
    case 'showAnswers':
      return [{ type: 'answersShown' }];
    case 'settle':
      return settle(state);
    case 'leave':
      // Where there is nothing to win the turn does not depend on how it ended.
      if (!question || kindInPlay(state, question).keyed) break;
      return [{ type: 'left', turn: turnAfter(state, question, random) }];
    case 'choose': {
      const left = before.find((one) => one.type === 'left');
      return choose({ ...state, question: null, turn: left?.turn ?? state.turn }, step.ref, context);
    }
    case 'pose': {
      const picked = before.find((one) => one.type === 'picked');
      const id = picked?.question ?? question?.question;
      if (id !== undefined) return [posed(state, id, random)];
      break;
    }
    default:
  }
  return refuse('notNow', 'notNext');
}
