import type { Throttle } from '../auth/throttle.ts';
import { Problem } from '../problem.ts';
import type { Ctx } from './context.ts';

/** Holds back who tried too often. @throws Problem 429 with the seconds to wait. */
export function holdBack(ctx: Ctx, guesses: Throttle, key: string): void {
  const wait = guesses.wait(key, Date.now());
  if (wait === 0) return;
  const seconds = Math.ceil(wait / 1000);
  ctx.set('Retry-After', String(seconds));
  throw new Problem(429, 'slow', `Too many tries. Try again in ${seconds} s.`, { seconds });
}
