import {
  choosesAlone,
  concernsOne,
  deskView,
  handsetView,
  isAsking,
  seatView,
  type SeatView,
  stageView,
  type LoggedEvent,
  type SittingState,
} from '@distaff/core/sitting';
import type { LiveServer } from './io.ts';
import { hashToken } from '../auth/tokens.ts';

/** Small changes are gathered this long (ms): at most ten pictures a second. */
const GATHER = 100;
/** Where very many answer, their list at the desk is long, and four pictures a second are enough. */
const CROWD = 200;
const GATHER_CROWD = 250;
/** Where each of very many is on a question of their own, bands that move once a second are enough. */
const GATHER_CROWD_ALONE = 1000;
/** Where everybody is asked alone a phone shows how the others do only between questions (ms). */
const GATHER_ALONE = 3000;
/** At the doors a phone need not see every newcomer at once (ms): a thousand come in seconds. */
const GATHER_DOORS = 1000;
/** How long a seat that lost its connection is still waited for (ms). */
const LINGERS = 60_000;
/** How long after the server took a sitting up a seat that comes is one that comes back (ms). */
const COMING_BACK = 30_000;
/** Above so many seats that have gone, those that are not waited for any more are forgotten. */
const MANY_GONE = 1000;
const minor: ReadonlySet<LoggedEvent['type']> = new Set([
  'seatTaken',
  'seatRenamed',
  'seatMoved',
  'answered',
  'advised',
  'buzzed',
]);

/** Who came to the desk by the link for co-hosts, as the log has it. */
export const CO_HOST = 'co-host';

export const roomOf = {
  coHost: (sitting: string) => `co-host:${sitting}`,
  /** The desks of one login session. */
  login: (token: string) => `login:${hashToken(token)}`,
  /** The desks of one account for all sittings of a show. */
  member: (show: string, account: string) => `member:${show}:${account}`,
  desk: (sitting: string) => `desk:${sitting}`,
  stage: (sitting: string) => `stage:${sitting}`,
  /** Stages and overlays that came by a key rather than by the host's account. */
  byKey: (sitting: string) => `by-key:${sitting}`,
  handset: (sitting: string) => `handset:${sitting}`,
  seat: (sitting: string, seat: string) => `seat:${sitting}:${seat}`,
};

/** What of a seat's part is not as it was. */
function changes(from: SeatView, to: SeatView): Partial<SeatView> {
  const changed: Partial<Record<keyof SeatView, unknown>> = {};
  for (const key of Object.keys(to) as (keyof SeatView)[]) {
    const [before, now] = [from[key], to[key]];
    if (before === now) continue;
    const parts = typeof before === 'object' && typeof now === 'object' && before && now;
    if (!parts || JSON.stringify(before) !== JSON.stringify(now)) changed[key] = now;
  }
  return changed as Partial<SeatView>;
}

/**
 * Shows the state of one sitting to everybody who watches it: a view an audience, never the state.
 * Each audience's view is made and encoded once a change; a seat's own part goes out only when it
 * differs from the last.
 */
export class Audiences {
  readonly #io: LiveServer;
  readonly #sitting: string;
  readonly #whenStored: (show: () => void) => void;
  #pending: NodeJS.Timeout | null = null;
  /** What is to be shown when the gathering is over. */
  #latest: SittingState | null = null;
  /** What each seat was shown last, on all of its devices. */
  #lastSeat = new Map<string, SeatView | null>();
  #present = new Map<string, number>();
  #standIns = new Set<string>();
  /** When seats that are not connected were seen last. */
  #gone = new Map<string, number>();
  /** When the sitting was taken up, and when seats came back since. */
  #loadedAt: number | null = null;
  #back = new Map<string, number>();
  #presencePending: NodeJS.Timeout | null = null;
  /** What handsets were shown last, but for its number. */
  #lastHandset = '';
  #handsetPending: NodeJS.Timeout | null = null;
  /** The teams whose own small changes are being gathered. */
  #stirred = new Set<string>();

  /** `whenStored` calls what it is given once the state holds nothing that is not stored. */
  constructor(io: LiveServer, sitting: string, whenStored: (show: () => void) => void) {
    this.#io = io;
    this.#sitting = sitting;
    this.#whenStored = whenStored;
  }

  /** Shows `state` after `events`. */
  show(state: SittingState, events: readonly LoggedEvent[]): void {
    const lazy = events.length > 0 && events.every((event) => minor.has(event.type) || concernsOne(event));
    if (!lazy) return this.#showNow(state);
    // Whoever did something has seen at once that it has arrived. Where a team answers as one its
    // other handsets see it with the next picture, as does a second device of a seat.
    const alone = state.show.devices.mode === 'each';
    for (const event of events) {
      if (event.type === 'asked' || event.type === 'withdrawn' || (event.type === 'settled' && event.to))
        this.#showTo(state, event.to!, event.actor.id);
      if (!('seat' in event) || !event.seat) continue;
      if (!alone || event.type === 'seatMoved') this.#stirred.add(state.seats.get(event.seat)?.team ?? '');
      else if ((this.#present.get(event.seat) ?? 0) > 1 || event.type === 'seatRenamed')
        this.#showSeat(state, event.seat);
    }
    this.#latest = state;
    const crowd = isAsking(state) ? GATHER_CROWD_ALONE : GATHER_CROWD;
    const pause = this.#present.size > CROWD ? crowd : GATHER;
    this.#pending ??= this.#later(pause, () => this.#showMinor(this.#latest!));
  }

  #showNow(state: SittingState): void {
    this.#clear();
    // The many first: a thousand handsets must not wait for one desk.
    this.#showHandsets(state);
    this.#showHosts(state);
    for (const seat of this.#present.keys()) this.#showSeat(state, seat);
  }

  /** What concerns few is shown to few. */
  #showMinor(state: SittingState): void {
    const stirred = new Set(this.#stirred);
    this.#clear();
    // Whoever chooses must see what the others have taken.
    const alone = isAsking(state) && !choosesAlone(state);
    const pause = state.phase === 'lobby' ? GATHER_DOORS : alone ? GATHER_ALONE : 0;
    if (pause === 0) this.#showHandsets(state);
    else this.#handsetPending ??= this.#later(pause, () => this.#showHandsets(this.#latest!));
    this.#showHosts(state);
    if (stirred.size === 0) return;
    for (const seat of this.#present.keys())
      if (stirred.has(state.seats.get(seat)?.team ?? '')) this.#showSeat(state, seat);
  }

  /** By then the next command may be under way: what it changes is not to be seen before it is stored. */
  #later(ms: number, show: () => void): NodeJS.Timeout {
    return setTimeout(() => this.#whenStored(show), ms).unref();
  }

  #clear(): void {
    if (this.#pending) clearTimeout(this.#pending);
    this.#pending = null;
    this.#stirred.clear();
  }

  #showHosts(state: SittingState): void {
    const [stage, desk] = [roomOf.stage(this.#sitting), roomOf.desk(this.#sitting)];
    if (this.#isWatched(stage)) this.#io.to(stage).emit('view', stageView(state));
    if (this.#isWatched(desk)) this.#io.to(desk).emit('view', deskView(state));
  }

  /** A picture that nobody looks at is not made; whoever comes gets one of their own. */
  #isWatched(room: string): boolean {
    return (this.#io.sockets.adapter.rooms.get(room)?.size ?? 0) > 0;
  }

  /** An answer of somebody else changes nothing that a handset shows: then it hears nothing. */
  #showHandsets(state: SittingState): void {
    if (this.#handsetPending) clearTimeout(this.#handsetPending);
    this.#handsetPending = null;
    const view = handsetView(state);
    const text = JSON.stringify({ ...view, seq: 0 });
    if (text === this.#lastHandset) return;
    this.#lastHandset = text;
    this.#io.to(roomOf.handset(this.#sitting)).emit('view', view);
  }

  /**
   * The own part of a seat, to go out with the answer to what it asked: what changed since its device
   * was shown anything, or all of it where it is not `fresh` – asked before, and the answer was lost.
   */
  seatFor(state: SittingState, seat: string, fresh: boolean): Partial<SeatView> | null {
    const view = seatView(state, seat);
    // A second device of the seat hears of it with the others of the team.
    if (!view || this.#present.get(seat) !== 1) return view;
    const last = this.#lastSeat.get(seat);
    this.#lastSeat.set(seat, view);
    return fresh && last ? changes(last, view) : view;
  }

  /** The own part of a seat for a device that has just come. */
  greet(state: SittingState, seat: string): SeatView | null {
    const view = seatView(state, seat);
    // Another device of it may have been shown something else: then all hear of the next picture.
    if (this.#present.get(seat) === 1) this.#lastSeat.set(seat, view);
    else this.#lastSeat.delete(seat);
    return view;
  }

  #showSeat(state: SittingState, seat: string): void {
    const view = seatView(state, seat);
    const last = this.#lastSeat.get(seat);
    if (view && last ? Object.keys(changes(last, view)).length === 0 : view === last) return;
    this.#lastSeat.set(seat, view);
    this.#io.to(roomOf.seat(this.#sitting, seat)).emit('seat', view);
  }

  /** What was asked of one alone: its seat sees it, or all of the team that answers as one. */
  #showTo(state: SittingState, to: string, by: string): void {
    const seat = state.seats.get(to);
    if (!seat) this.#stirred.add(to);
    // Whoever asked for it has seen it with the answer, unless another device of theirs looks on.
    else if ((this.#present.get(to) ?? 0) > (by === to ? 1 : 0)) this.#showSeat(state, to);
  }

  /** The link was closed: whoever came by it has to go. */
  turnCoHostsAway(): void {
    this.#io.in(roomOf.coHost(this.#sitting)).disconnectSockets(true);
  }

  /**
   * The sitting was taken up from the store: whoever has a seat in it was here until just now, as far
   * as anybody can tell, and is waited for like a phone that lost its network.
   */
  loaded(state: SittingState): void {
    if (this.#loadedAt !== null) return;
    const now = (this.#loadedAt = Date.now());
    for (const { id, removed } of state.seats.values())
      if (!removed && !this.#present.has(id) && !this.#gone.has(id)) this.#gone.set(id, now);
  }

  /** When a seat came back after the server was away (ms); null where it did not, or long ago. */
  backAt(seat: string, now: number): number | null {
    const at = this.#back.get(seat);
    return at !== undefined && now - at < COMING_BACK ? at : null;
  }

  /** Counts the devices of a seat, so that the desk sees who is connected. */
  came(seat: string): void {
    const now = Date.now();
    if (this.#loadedAt !== null && now - this.#loadedAt < COMING_BACK && !this.#back.has(seat))
      this.#back.set(seat, now);
    this.#present.set(seat, (this.#present.get(seat) ?? 0) + 1);
    this.#tellPresence();
  }

  went(seat: string): void {
    const left = (this.#present.get(seat) ?? 1) - 1;
    if (left > 0) this.#present.set(seat, left);
    else {
      this.#present.delete(seat);
      const now = Date.now();
      if (this.#gone.size > MANY_GONE)
        for (const [one, at] of this.#gone) if (now - at > LINGERS) this.#gone.delete(one);
      this.#gone.set(seat, now);
      this.#lastSeat.delete(seat);
    }
    this.#tellPresence();
  }

  /** A stand-in is there or not: the desk sees it, but nothing is sent to where nobody looks. */
  standIn(seat: string, there: boolean): void {
    if (there) this.#standIns.add(seat);
    else this.#standIns.delete(seat);
    this.#tellPresence();
  }

  /** Whether a seat is connected, or was a moment ago: a phone on a poor network comes back. */
  isHere(seat: string, now: number): boolean {
    return this.#present.has(seat) || now - (this.#gone.get(seat) ?? 0) < LINGERS;
  }

  present(): string[] {
    return [...this.#present.keys(), ...this.#standIns];
  }

  #tellPresence(): void {
    this.#presencePending ??= setTimeout(() => {
      this.#presencePending = null;
      this.#io.to(roomOf.desk(this.#sitting)).emit('present', this.present());
    }, GATHER).unref();
  }
}
