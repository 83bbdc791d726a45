import { RateLimiterMemory } from 'rate-limiter-flexible';
import { Throttle } from './throttle.ts';

/** A whole class behind one school router may mistype before that address is slowed down. */
const FREE = 40;
/** So many wrong codes a minute, from wherever, are people; more are somebody who tries them all. */
const FREE_IN_ALL = 300;
const MINUTE = 60;
const ALL = 'all';

/**
 * Slows down guessing of join codes and stage keys: per address, and in all. While too many are
 * wrong in all, an address has to wait from its second wrong code on; one that was never wrong comes
 * in as always.
 */
export class CodeGuesses {
  readonly #patient = new Throttle(FREE);
  readonly #strict = new Throttle(1);
  readonly #inAll = new RateLimiterMemory({ points: FREE_IN_ALL, duration: MINUTE });

  /** Milliseconds until the next try of an address is allowed; 0 when it is now. */
  async wait(address: string): Promise<number> {
    const ownWait = await this.#patient.wait(address);
    return (await this.#crowded()) ? Math.max(ownWait, await this.#strict.wait(address)) : ownWait;
  }

  async failed(address: string): Promise<void> {
    await Promise.all([
      this.#patient.failed(address),
      this.#strict.failed(address),
      this.#inAll.penalty(ALL),
    ]);
  }

  async #crowded(): Promise<boolean> {
    const all = await this.#inAll.get(ALL);
    return all !== null && all.msBeforeNext > 0 && all.consumedPoints >= FREE_IN_ALL;
  }
}
