import type { Throttle } from '../auth/throttle.ts';
import { Problem } from '../problem.ts';
import type { Ctx } from './context.ts';

/**
 * Counts a try under each of the keys and holds back who tried too often. What succeeds is taken back
 * by `succeeded`. @throws Problem 429 with the seconds to wait.
 */
export async function holdBack(ctx: Ctx, ...counted: [guesses: Throttle, key: string][]): Promise<void> {
  const wait = Math.max(...(await Promise.all(counted.map(([guesses, key]) => guesses.take(key)))));
  if (wait === 0) return;
  const seconds = Math.ceil(wait / 1000);
  ctx.set('Retry-After', String(seconds));
  throw new Problem(429, 'slow', 'tooManyTries', { seconds }, { n: seconds });
}
