/** How long wrong tries are remembered, in milliseconds. */
const MEMORY = 15 * 60_000;
/** Free tries; after them each further one waits twice as long, from one second up to a minute. */
const FREE = 3;

interface Tries {
  count: number;
  last: number;
}

/**
 * Slows down guessing. A key (an address with where it comes from) that failed has to wait before
 * the next try: 1, 2, 4 … 60 seconds after the third.
 */
export class Throttle {
  #tries = new Map<string, Tries>();
  readonly #free: number;

  constructor(free = FREE) {
    this.#free = free;
  }

  /** Milliseconds until the next try is allowed; 0 when it is now. */
  wait(key: string, now: number): number {
    const tries = this.#tries.get(key);
    if (!tries || tries.count < this.#free) return 0;
    const pause = Math.min(60, 2 ** (tries.count - this.#free)) * 1000;
    return Math.max(0, tries.last + pause - now);
  }

  /**
   * Counts a try before it is looked at, so that many at once are not all let through; `succeeded` takes it back.
   * @returns milliseconds until the next try is allowed, 0 where this one is.
   */
  take(key: string, now: number): number {
    const wait = this.wait(key, now);
    if (wait === 0) this.failed(key, now);
    return wait;
  }

  failed(key: string, now: number): void {
    if (this.#tries.size > 10_000)
      for (const [old, tries] of this.#tries) if (now - tries.last > MEMORY) this.#tries.delete(old);
    const before = this.#tries.get(key);
    const count = before && now - before.last < MEMORY ? before.count + 1 : 1;
    this.#tries.set(key, { count, last: now });
  }

  succeeded(key: string): void {
    this.#tries.delete(key);
  }
}
