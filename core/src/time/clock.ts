import * as v from 'valibot';

/**
 * A clock that runs towards a deadline, or is held with some time left. Milliseconds; deadlines on
 * the server's time. No clock at all is `null`.
 */
export const Clock = v.union([v.object({ deadline: v.number() }), v.object({ remaining: v.number() })]);
export type Clock = v.InferOutput<typeof Clock>;

/** How long after the deadline an answer that was under way still counts, in milliseconds. */
export const ALLOWANCE = 400;

export const isRunning = (clock: Clock | null): clock is { deadline: number } =>
  clock !== null && 'deadline' in clock;

/** Time left in milliseconds, never below zero. */
export const remaining = (clock: Clock, now: number): number =>
  Math.max(0, 'deadline' in clock ? clock.deadline - now : clock.remaining);

export const hold = (clock: Clock, now: number): Clock => ({ remaining: remaining(clock, now) });

export const run = (clock: Clock, now: number): Clock => ({ deadline: now + remaining(clock, now) });

/** Adds (or takes) `ms`; the time left never falls below zero. */
export const add = (clock: Clock, ms: number, now: number): Clock => {
  const left = Math.max(0, remaining(clock, now) + ms);
  return isRunning(clock) ? { deadline: now + left } : { remaining: left };
};
