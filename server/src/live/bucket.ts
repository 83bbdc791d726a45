/** A bucket that empties with each thing that is allowed and fills again with time. */
export class Bucket {
  readonly #most: number;
  readonly #perSecond: number;
  #left: number;
  #at: number;

  constructor(most: number, perSecond: number, now: number) {
    this.#most = most;
    this.#perSecond = perSecond;
    this.#left = most;
    this.#at = now;
  }

  /** Whether one more is allowed now (ms). */
  allows(now: number): boolean {
    this.#left = Math.min(this.#most, this.#left + ((now - this.#at) / 1000) * this.#perSecond);
    this.#at = now;
    if (this.#left < 1) return false;
    this.#left--;
    return true;
  }
}

/** Messages a client may send in a row, and how many a second it gets back. A person needs a few. */
const BURST = 40;
const PER_SECOND = 10;

/** Keeps one client from flooding. */
export class MessageRate extends Bucket {
  constructor(now: number) {
    super(BURST, PER_SECOND, now);
  }
}
