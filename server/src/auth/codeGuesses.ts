import { Throttle } from './throttle.ts';

/** A whole class behind one school router may mistype before that address is slowed down. */
const FREE = 40;
/** So many wrong codes a minute, from wherever, are people; more are somebody who tries them all. */
const FREE_IN_ALL = 300;
const MINUTE = 60_000;

/**
 * Slows down guessing of join codes and stage keys: per address, and in all. While too many are
 * wrong in all, an address has to wait from its second wrong code on; one that was never wrong comes
 * in as always.
 */
export class CodeGuesses {
  readonly #patient = new Throttle(FREE);
  readonly #strict = new Throttle(1);
  /** When the last wrong codes came, the oldest first (ms). */
  #wrong: number[] = [];

  /** Milliseconds until the next try of an address is allowed; 0 when it is now. */
  wait(address: string, now: number): number {
    const ownWait = this.#patient.wait(address, now);
    return this.#crowded(now) ? Math.max(ownWait, this.#strict.wait(address, now)) : ownWait;
  }

  failed(address: string, now: number): void {
    this.#patient.failed(address, now);
    this.#strict.failed(address, now);
    this.#wrong.push(now);
    if (this.#wrong.length > 2 * FREE_IN_ALL) this.#wrong.splice(0, FREE_IN_ALL);
  }

  #crowded(now: number): boolean {
    const first = this.#wrong.at(-FREE_IN_ALL);
    return first !== undefined && now - first < MINUTE;
  }
}
