import type { Random } from '../../random/shuffle.ts';
import type { Actor } from '../events.ts';

/** Everything from outside that a decision may depend on. */
export interface Context {
  /** Server time in milliseconds since 1970. */
  now: number;
  random: Random;
  actor: Actor;
}
