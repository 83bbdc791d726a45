import {
  deskView,
  handsetView,
  seatView,
  stageView,
  type LoggedEvent,
  type SittingState,
} from '@distaff/core';
import type { Server } from 'socket.io';

/** Changes that only concern who is there are gathered this long (ms): at most ten pictures a second. */
const GATHER = 100;
/** How long a seat that lost its connection is still waited for (ms). */
const LINGERS = 60_000;
const minor: ReadonlySet<LoggedEvent['type']> = new Set([
  'seatTaken',
  'seatRenamed',
  'seatMoved',
  'answered',
  'buzzed',
]);

export const roomOf = {
  desk: (sitting: string) => `desk:${sitting}`,
  stage: (sitting: string) => `stage:${sitting}`,
  handset: (sitting: string) => `handset:${sitting}`,
  seat: (sitting: string, seat: string) => `seat:${sitting}:${seat}`,
};

/**
 * Shows the state of one sitting to everybody who watches it: a view an audience, never the state.
 * Each audience's view is made and encoded once a change; a seat's own part goes out only when it
 * differs from the last.
 */
export class Audiences {
  readonly #io: Server;
  readonly #sitting: string;
  #pending: NodeJS.Timeout | null = null;
  /** What is to be shown when the gathering is over. */
  #latest: SittingState | null = null;
  #lastSeat = new Map<string, string>();
  #present = new Map<string, number>();
  /** When seats that are not connected were seen last. */
  #gone = new Map<string, number>();
  #presencePending: NodeJS.Timeout | null = null;

  constructor(io: Server, sitting: string) {
    this.#io = io;
    this.#sitting = sitting;
  }

  /** Shows `state` after `events`. */
  show(state: SittingState, events: readonly LoggedEvent[]): void {
    const lazy = events.length > 0 && events.every((event) => minor.has(event.type));
    if (!lazy) return this.#showNow(state);
    // Whoever did something sees at once that it has arrived.
    for (const { actor } of events)
      if (actor.role === 'seat' && this.#present.has(actor.id)) this.#showSeat(state, actor.id);
    this.#latest = state;
    this.#pending ??= setTimeout(() => this.#showNow(this.#latest!), GATHER);
  }

  #showNow(state: SittingState): void {
    if (this.#pending) clearTimeout(this.#pending);
    this.#pending = null;
    // The many first: a thousand handsets must not wait for one desk.
    this.#io.to(roomOf.handset(this.#sitting)).emit('view', handsetView(state));
    this.#io.to(roomOf.stage(this.#sitting)).emit('view', stageView(state));
    this.#io.to(roomOf.desk(this.#sitting)).emit('view', deskView(state));
    for (const seat of this.#present.keys()) this.#showSeat(state, seat);
  }

  #showSeat(state: SittingState, seat: string): void {
    const view = seatView(state, seat);
    const text = JSON.stringify(view);
    if (this.#lastSeat.get(seat) === text) return;
    this.#lastSeat.set(seat, text);
    this.#io.to(roomOf.seat(this.#sitting, seat)).emit('seat', view);
  }

  /** Counts the devices of a seat, so that the desk sees who is connected. */
  came(seat: string): void {
    this.#present.set(seat, (this.#present.get(seat) ?? 0) + 1);
    this.#tellPresence();
  }

  went(seat: string): void {
    const left = (this.#present.get(seat) ?? 1) - 1;
    if (left > 0) this.#present.set(seat, left);
    else {
      this.#present.delete(seat);
      this.#gone.set(seat, Date.now());
      this.#lastSeat.delete(seat);
    }
    this.#tellPresence();
  }

  /** Whether a seat is connected, or was a moment ago: a phone on a poor network comes back. */
  isHere(seat: string, now: number): boolean {
    return this.#present.has(seat) || now - (this.#gone.get(seat) ?? 0) < LINGERS;
  }

  present(): string[] {
    return [...this.#present.keys()];
  }

  #tellPresence(): void {
    this.#presencePending ??= setTimeout(() => {
      this.#presencePending = null;
      this.#io.to(roomOf.desk(this.#sitting)).emit('present', this.present());
    }, GATHER);
  }
}
