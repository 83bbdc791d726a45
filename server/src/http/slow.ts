import type { Throttle } from '../auth/throttle.ts';
import { Problem } from '../problem.ts';
import type { Ctx } from './context.ts';

/**
 * Counts a try under each of the keys and holds back who tried too often. What succeeds is taken back
 * by `succeeded`. @throws Problem 429 with the seconds to wait.
 */
export function holdBack(ctx: Ctx, ...counted: [guesses: Throttle, key: string][]): void {
  const now = Date.now();
  const wait = Math.max(...counted.map(([guesses, key]) => guesses.take(key, now)));
  if (wait === 0) return;
  const seconds = Math.ceil(wait / 1000);
  ctx.set('Retry-After', String(seconds));
  throw new Problem(429, 'slow', `Too many tries. Try again in ${seconds} s.`, { seconds });
}
