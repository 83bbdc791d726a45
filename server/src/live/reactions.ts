import type { Reaction, ReactionCounts } from '@distaff/core/wire';
import * as v from 'valibot';

export const ReactionName = v.picklist([
  'clap',
  'heart',
  'laugh',
  'wow',
] as const satisfies readonly Reaction[]);
/** So long whoever reacted rests (ms); their phone says so. */
export const REST = 2000;

/** At most so many pictures of them a second: those in between are counted together. */
const PER_SECOND = 3;

/** Gathers what people show, and tells it a few times a second; nobody shows anything without a rest. */
export class Reactions {
  #last = new Map<string, number>();
  #counts: ReactionCounts = {};
  #pending: NodeJS.Timeout | null = null;
  readonly #tell: (counts: ReactionCounts) => void;

  constructor(tell: (counts: ReactionCounts) => void) {
    this.#tell = tell;
  }

  /** @returns whether it was taken; one that comes too soon after the last of its seat (ms) is not. */
  take(seat: string, what: Reaction, now: number): boolean {
    if (now - (this.#last.get(seat) ?? -Infinity) < REST) return false;
    this.#last.set(seat, now);
    this.#counts[what] = (this.#counts[what] ?? 0) + 1;
    this.#pending ??= setTimeout(() => this.#flush(), 1000 / PER_SECOND).unref();
    return true;
  }

  #flush(): void {
    this.#pending = null;
    const counts = this.#counts;
    this.#counts = {};
    this.#tell(counts);
  }
}
