/** Messages a handset may send in a row, and how many a second it gets back. A person needs a few. */
const BURST = 40;
const PER_SECOND = 10;

/** Keeps one client from flooding: a bucket that empties with each message and fills again with time. */
export class Pace {
  #left = BURST;
  #at: number;

  constructor(now: number) {
    this.#at = now;
  }

  /** Whether one more message is taken now (ms). */
  allows(now: number): boolean {
    this.#left = Math.min(BURST, this.#left + ((now - this.#at) / 1000) * PER_SECOND);
    this.#at = now;
    if (this.#left < 1) return false;
    this.#left--;
    return true;
  }
}
