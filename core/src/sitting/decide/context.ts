import type { Random } from '../../random/shuffle.ts';
import type { Actor } from '../events.ts';

/** Everything from outside that a decision may depend on. */
export interface Context {
  /** Server time in milliseconds since 1970. */
  now: number;
  random: Random;
  actor: Actor;
  /** The least that a message of this client was seen to take there and back, in milliseconds. */
  roundTrip?: number;
  /** Whether what this client says of its delay does not go with its other messages. */
  distrusted?: boolean;
  /** How long presses of others may still be under way when one arrives, in milliseconds. */
  window?: number;
  /** Whether a seat is connected, or was until just now; all are where nothing is said. */
  present?: (seat: string) => boolean;
  /** When a seat came back after the server was away (server ms), where that is not long ago; never where nothing is said. */
  backAt?: (seat: string) => number | null;
  /**
   * For a question, what stands for whoever answers it where nobody may know who that is: the same each time, and
   * nobody can work back from it. Null where nothing can be made.
   */
  receipt?: ((play: number) => string) | null;
  /** Whether a text has words that the host wants to see first; none has where nothing is said. */
  unwanted?: (text: string) => boolean;
}
