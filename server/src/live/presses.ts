import { movesOn, overtaken, TIME, type LastStep, type LoggedEvent } from '@distaff/core/sitting';
import type { Refusal } from '@distaff/core/refusal';
import type { Submission } from './submission.ts';

/** Who took the last step: two who press for the same one take one, and time may have been first as well. */
export class Presses {
  readonly #now: () => number;
  #last: LastStep | null = null;

  constructor(now: () => number) {
    this.#now = now;
  }

  /** Why a press comes too late, or null. */
  refused({ command, from }: Submission): Refusal | null {
    if (command.type !== 'next' || from === undefined) return null;
    return overtaken(this.#last, from, this.#now());
  }

  /** What somebody chooses or answers is no press for the next step. */
  note({ command, from }: Submission, events: readonly LoggedEvent[]): void {
    const by = command.type === 'next' ? (from ?? null) : command.type === 'timeUp' ? TIME : null;
    const goesOn =
      events.some((event) => movesOn(event) && event.type !== 'locked') &&
      !events.some((event) => event.type === 'buzzWon');
    if (by !== null && goesOn) this.#last = { by, at: this.#now() };
  }
}
