import { foldText } from '@distaff/core/text';
import type { SittingState } from '@distaff/core/sitting';
import { randomInt } from 'node:crypto';

/** How long a code that the host reads out leads to a seat, and a claim waits for the host's nod (ms). */
const LASTS = 10 * 60_000;
/** So many wrong codes a sitting takes before all that were read out are void. */
const WRONG = 30;

/** Somebody says that a seat is theirs and that they hold another device now. */
export interface Claim {
  id: string;
  seat: string;
  name: string;
}
interface Waiting extends Claim {
  /** Hash of the token that the new device made. */
  token: string;
  socket: string;
  until: number;
}

/** Seats on their way to another device: by a code that the host reads out, or by the host's nod. */
export class Claims {
  #waiting = new Map<string, Waiting>();
  #codes = new Map<string, { seat: string; until: number }>();
  #wrong = 0;

  /** A code of four digits for a seat; the one before is void. */
  codeFor(seat: string, now: number): string {
    for (const [code, one] of this.#codes) if (one.seat === seat || one.until < now) this.#codes.delete(code);
    let code = '';
    do code = String(randomInt(10_000)).padStart(4, '0');
    while (this.#codes.has(code));
    this.#codes.set(code, { seat, until: now + LASTS });
    this.#wrong = 0;
    return code;
  }

  /** The seat that a code leads to, once; null where it leads to none. */
  seatOf(code: string, now: number): string | null {
    const found = this.#codes.get(code);
    if (found && found.until >= now) {
      this.#codes.delete(code);
      return found.seat;
    }
    if (++this.#wrong >= WRONG) this.#codes.clear();
    return null;
  }

  /** Puts a claim before the host. @returns null where nobody here is called so. */
  ask(state: SittingState, name: string, token: string, socket: string, now: number): Claim | null {
    const folded = foldText(name);
    const seat = [...state.seats.values()].find((one) => !one.removed && one.folded === folded);
    if (!seat) return null;
    const claim = { id: socket, seat: seat.id, name: seat.name };
    this.#waiting.set(claim.id, { ...claim, token, socket, until: now + LASTS });
    return claim;
  }

  /** Takes a claim out of those that wait. */
  take(id: string): Waiting | null {
    const found = this.#waiting.get(id) ?? null;
    this.#waiting.delete(id);
    return found;
  }

  /** What waits for the host's nod. */
  waiting(now: number): Claim[] {
    for (const [id, one] of this.#waiting) if (one.until < now) this.#waiting.delete(id);
    return [...this.#waiting.values()].map(({ id, seat, name }) => ({ id, seat, name }));
  }
}
