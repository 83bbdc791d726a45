/** How often a running clock is noted as seen, and from what silence on it was an outage (ms). */
const HEARTBEAT = 1000;
export const OUTAGE = 2500;

/**
 * Notes every second that a running clock is seen. Where that fails for long – the store took nothing, the
 * whole machine slept with its lid closed – nobody could answer, and the clock gets the time back.
 */
export class Heartbeat {
  readonly #mark: (now: number) => Promise<unknown>;
  readonly #now: () => number;
  readonly #silent: () => void;
  #timer: NodeJS.Timeout | null = null;
  #last = 0;
  #beating = false;

  /** @param mark notes a beat @param silent is called at the first beat after a long silence */
  constructor(mark: (now: number) => Promise<unknown>, now: () => number, silent: () => void) {
    this.#mark = mark;
    this.#now = now;
    this.#silent = silent;
  }

  /** Begins to beat, unless it does. */
  begin(): void {
    if (this.#timer) return;
    this.#last = this.#now();
    this.#timer = setInterval(() => void this.#beat(), HEARTBEAT);
    void this.#beat();
  }

  end(): void {
    if (this.#timer) clearInterval(this.#timer);
    this.#timer = null;
  }

  /** Counts this moment as seen. */
  touch(): void {
    this.#last = this.#now();
  }

  /** The time (ms) in which nobody could answer, told once; 0 where there was none. */
  takeSilence(): number {
    const silence = this.#now() - this.#last;
    if (!this.#timer || silence <= OUTAGE) return 0;
    this.touch();
    return silence - HEARTBEAT;
  }

  async #beat(): Promise<void> {
    if (this.#beating) return;
    this.#beating = true;
    try {
      await this.#mark(this.#now());
      if (this.#now() - this.#last > OUTAGE) this.#silent();
      else this.touch();
    } catch {
      // The store is away: the next beat tries again.
    } finally {
      this.#beating = false;
    }
  }
}
