import { RateLimiterMemory } from 'rate-limiter-flexible';

/** How long wrong tries are remembered (s). */
const MEMORY = 15 * 60;
/** Free tries; after them each further one waits twice as long, from one second up to a minute. */
const FREE = 3;
const LONGEST = 60;

/**
 * Slows down guessing. A key (an address with where it comes from) that failed has to wait before
 * the next try: 1, 2, 4 … 60 seconds after the third.
 */
export class Throttle {
  readonly #tries = new RateLimiterMemory({ points: Number.MAX_SAFE_INTEGER, duration: MEMORY });
  readonly #held = new RateLimiterMemory({ points: 1, duration: LONGEST });
  readonly #free: number;
  #last: Promise<unknown> = Promise.resolve();

  constructor(free = FREE) {
    this.#free = free;
  }

  /** Milliseconds until the next try is allowed; 0 when it is now. */
  async wait(key: string): Promise<number> {
    return Math.max(0, (await this.#held.get(key))?.msBeforeNext ?? 0);
  }

  /**
   * Counts a try before it is looked at, so that many at once are not all let through; `succeeded` takes it back.
   * @returns milliseconds until the next try is allowed, 0 where this one is.
   */
  take(key: string): Promise<number> {
    // One after the other: between looking and counting nobody slips through.
    const taken = this.#last.then(async () => {
      const wait = await this.wait(key);
      if (wait === 0) await this.failed(key);
      return wait;
    });
    // One that fails holds back nobody after it.
    this.#last = taken.catch(() => undefined);
    return taken;
  }

  async failed(key: string): Promise<void> {
    const { consumedPoints } = await this.#tries.penalty(key);
    if (consumedPoints >= this.#free)
      await this.#held.block(key, Math.min(LONGEST, 2 ** (consumedPoints - this.#free)));
  }

  async succeeded(key: string): Promise<void> {
    await Promise.all([this.#tries.delete(key), this.#held.delete(key)]);
  }
}
