import { hold, isRunning, type Clock } from '../../time/clock.ts';
import type { Draft } from '../events.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { effective, fold } from '../sitting.ts';
import type { Sitting, SittingState } from '../state.ts';
import type { LoggedEvent } from '../events.ts';
import { emptyState } from '../emptyState.ts';
import { evolve } from '../evolve.ts';

/** A clock that comes back after its time had run out still leaves this long, in milliseconds. */
export const LEAST_AFTER_TAKE_BACK = 5000;

/** A clock as it comes back: held, with the time it had at `moment`, so that the host can breathe. */
function heldAt(clock: Clock | null, moment: number): Clock | null {
  if (!isRunning(clock)) return clock;
  const held = hold(clock, moment) as { remaining: number };
  return { remaining: Math.max(held.remaining, LEAST_AFTER_TAKE_BACK) };
}

/**
 * Takes back the last step of the play, or all from the step that began with event `to`, whatever
 * they were, and with them all that came after.
 */
export function takeBack({ log, state }: Sitting, to?: number): Draft[] | Refusal {
  const step = to === undefined ? state.steps.at(-1) : state.steps.find((one) => one.seq === to);
  if (!step) return refuse('notNow', to === undefined ? 'nothingToUndo' : 'undoneAlready');
  const from = step.type === 'buzzWon' ? firstPress(log, step.seq) : step.seq;
  const at = log.findIndex((event) => event.seq === from);
  const then = fold(before(log, at));
  const clock = then.question?.clock ?? null;
  return [
    {
      type: 'undone',
      from,
      clock: heldAt(clock, log[at]!.at),
      ...roundHeld(then, step, log[at]!.at),
    },
  ];
}

/**
 * Who buzzed by mistake is not first again at once: with the one who won go all presses since the buzzers were opened,
 * and they are open to everybody.
 */
function firstPress(log: readonly LoggedEvent[], won: number): number {
  const events = effective(log).filter(({ seq }) => seq < won);
  const opened = events.findLastIndex(({ type }) => type === 'opened');
  return events.slice(opened + 1).find(({ type }) => type === 'buzzed')?.seq ?? won;
}

/** A round that had ended goes on, held, with the time that was left; else its clock runs as it did. */
const roundHeld = (then: SittingState, { type }: { type: string }, at: number) =>
  type === 'roundEnded' ? { roundClock: heldAt(then.round?.clock ?? null, at) } : {};

/** The log up to a step, without what was taken back after it. */
const before = (log: readonly LoggedEvent[], at: number): LoggedEvent[] => {
  const seq = log[at]!.seq;
  return effective(log).filter((event) => event.seq < seq);
};

/** Has again what was taken back last, so long as nothing new has happened since. */
export function forward({ log, state }: Sitting): Draft[] | Refusal {
  const last = state.forward.at(-1);
  if (!last) return refuse('notNow', 'nothingToRedo');
  const undone = log.find((event) => event.seq === last.undone)!;
  const again = emptyState();
  const redone = { type: 'redone', of: last.undone, clock: null } as const;
  const seq = state.seq + 1;
  const stamped = { ...redone, seq, at: undone.at, actor: undone.actor, command: '' };
  for (const event of effective([...log, stamped])) if (event.seq !== seq) evolve(again, event);
  return [{ ...redone, clock: heldAt(again.question?.clock ?? null, undone.at) }];
}
