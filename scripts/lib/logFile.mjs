import { appendFileSync, renameSync, statSync } from 'node:fs';
import { say } from './say.mjs';

/** From this size on (bytes) a new file is begun; the one before is kept as `….1`. */
const MOST = 20_000_000;
/** How long writing is let be after it failed (ms). */
const REST = 5000;

/**
 * A log that never ends who writes it: while a disk is full, lines are dropped, and it goes on by
 * itself when there is room again.
 */
export class LogFile {
  #file;
  #most;
  #size;
  #restsUntil = 0;

  constructor(file, most = MOST) {
    this.#file = file;
    this.#most = most;
    this.#size = statSync(file, { throwIfNoEntry: false })?.size ?? 0;
  }

  /** @param chunk a Buffer or text. @returns whether it was written. */
  write(chunk) {
    if (Date.now() < this.#restsUntil) return false;
    try {
      if (this.#size > this.#most) {
        renameSync(this.#file, `${this.#file}.1`);
        this.#size = 0;
      }
      appendFileSync(this.#file, chunk, { mode: 0o600 });
      this.#size += chunk.length;
      this.#restsUntil = 0;
      return true;
    } catch (error) {
      if (this.#restsUntil === 0)
        say(`The log ${this.#file} cannot be written (${error.code}): going on without it.`);
      this.#restsUntil = Date.now() + REST;
      return false;
    }
  }
}
