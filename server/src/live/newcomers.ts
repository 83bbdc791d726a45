import { Bucket } from './bucket.ts';

/** So many seats may be taken from one address at once, and a second after that. A hall of guests behind one router is welcome. */
const AT_ONCE = 400;
const PER_SECOND = 50;

/** Bounds how fast seats of one sitting are taken from one address, so that nobody fills the doors with made-up players. */
export class Newcomers {
  #of = new Map<string, Bucket>();

  /** Whether one more may come in from this address now (ms). */
  allows(address: string, now: number): boolean {
    let bucket = this.#of.get(address);
    if (!bucket) this.#of.set(address, (bucket = new Bucket(AT_ONCE, PER_SECOND, now)));
    return bucket.allows(now);
  }
}
