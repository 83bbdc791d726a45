/**
 * Does one piece of work at a time, owners taking turns: whoever brings many waits for their own, and
 * whoever brings one waits for one of each of the others at most.
 */
export class InTurn {
  /** What waits, by owner; the owner whose turn is next stands first. */
  readonly #waiting = new Map<string, (() => Promise<void>)[]>();
  #busy = false;

  /** @returns what the work returns. @throws what it throws; the next one is done all the same. */
  run<T>(owner: string, work: () => Promise<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const own = this.#waiting.get(owner) ?? [];
      own.push(() => work().then(resolve, reject));
      this.#waiting.set(owner, own);
      void this.#goOn();
    });
  }

  async #goOn(): Promise<void> {
    if (this.#busy) return;
    this.#busy = true;
    for (let next = this.#waiting.entries().next(); !next.done; next = this.#waiting.entries().next()) {
      const [owner, own] = next.value;
      const work = own.shift()!;
      this.#waiting.delete(owner);
      if (own.length > 0) this.#waiting.set(owner, own);
      await work();
    }
    this.#busy = false;
  }
}
