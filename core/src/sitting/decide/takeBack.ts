import { hold, isRunning } from '../clock.ts';
import type { Draft } from '../events.ts';
import { refuse, type Refusal } from '../refusal.ts';
import { fold } from '../sitting.ts';
import type { Sitting } from '../state.ts';

/** A clock that comes back after its time had run out still leaves this long, in milliseconds. */
export const LEAST_AFTER_TAKE_BACK = 5000;

/**
 * Takes back the last step of the play, whatever it was, and with it all that came after. The
 * clock that was running before that step is held with the time it had then, so that the host can
 * breathe before going on.
 */
export function takeBack({ log, state }: Sitting): Draft[] | Refusal {
  const step = state.steps.at(-1);
  if (!step) return refuse('notNow', 'There is nothing to take back.');
  const before = log.slice(
    0,
    log.findIndex((event) => event.seq === step.seq),
  );
  const moment = log[before.length]!.at;
  const clock = fold(before).question?.clock ?? null;
  if (!isRunning(clock)) return [{ type: 'undone', from: step.seq, clock }];
  const held = hold(clock, moment) as { remaining: number };
  const remaining = Math.max(held.remaining, LEAST_AFTER_TAKE_BACK);
  return [{ type: 'undone', from: step.seq, clock: { remaining } }];
}
