import {
  atRate,
  isGone,
  isMeant,
  movesAfter,
  pacedClock,
  receiptOf,
  rehearse,
  Schedule,
  virtualAt,
  type Move,
  type PacedClock,
  type Rehearsal,
  type RehearsalTold,
  type RehearsalWish,
  type Room,
  type StandIn,
} from '@distaff/core/rehearsal';
import type { Random } from '@distaff/core/random';
import type { Show } from '@distaff/core/show';
import type { SittingState } from '@distaff/core/sitting';
import { nanoid } from 'nanoid';
import type { Acknowledged } from '@distaff/core/wire';
import type { Submission } from './submission.ts';

interface Parts {
  show: Show;
  room: Room;
  random: Random;
  now: () => number;
  submit: (submission: Submission) => Promise<Acknowledged>;
  reschedule: () => void;
  tell: (told: RehearsalTold) => void;
  standIn: (seat: string, there: boolean) => void;
}

/** Moves that are due are given to the engine at most so many at once, so that others have their turn. */
const AT_ONCE = 200;

/**
 * Lets stand-ins play a sitting through the real engine, on a clock that may run faster: what they
 * do and when is planned in core; here time passes.
 */
export class RehearsalRun {
  readonly #parts: Parts;
  readonly #rehearsal: Rehearsal;
  readonly #bySeat: ReadonlyMap<string, StandIn>;
  readonly #schedule = new Schedule();
  readonly #here = new Set<string>();
  #clock: PacedClock;
  #wish: RehearsalWish = { byItself: false, rate: 1, stopBefore: null };
  #state: SittingState | null = null;
  #timer: NodeJS.Timeout | null = null;
  /** What was in play when it was set going. */
  #from: { play: number | null; key: boolean } = { play: null, key: false };
  #stopped = false;

  constructor(parts: Parts) {
    this.#parts = parts;
    this.#rehearsal = rehearse(parts.show, parts.room, parts.random);
    this.#bySeat = new Map(this.#rehearsal.standIns.map((one) => [one.seat, one]));
    this.#clock = pacedClock(parts.now());
  }

  /** Time as it passes at the rehearsal (ms). */
  now(): number {
    return virtualAt(this.#clock, this.#parts.now());
  }
  get rate(): number {
    return this.#clock.rate;
  }
  get told(): RehearsalTold {
    return { ...this.#wish, clock: this.#clock, standIns: this.#rehearsal.standIns.length };
  }
  /** Whether a stand-in is there; undefined for real people. */
  present(seat: string): boolean | undefined {
    const own = this.#bySeat.get(seat);
    return own && (this.#state === null || !isGone(own, this.#state));
  }

  wish(wish: RehearsalWish): void {
    this.#wish = wish;
    const { question } = this.#state ?? {};
    this.#from = { play: question?.play ?? null, key: question?.keyShown ?? false };
    this.#clock = atRate(this.#clock, wish.rate, this.#parts.now());
    this.#rehearsal.byItself = wish.byItself;
    // What the host does by itself, or no longer does, is planned anew from here.
    this.#rehearsal.seen = '';
    this.#parts.reschedule();
    this.#parts.tell(this.told);
    if (this.#state) this.see(this.#state);
  }

  /** Looks at a new state, and plans what follows. */
  see(state: SittingState): void {
    if (this.#stopped) return;
    this.#state = state;
    this.#tellPresence(state);
    this.#stopWhereWished(state);
    for (const move of movesAfter(this.#rehearsal, state, this.now())) this.#schedule.add(move);
    this.#wake();
  }

  stop(): void {
    this.#stopped = true;
    if (this.#timer) clearTimeout(this.#timer);
  }

  #tellPresence(state: SittingState): void {
    for (const one of this.#rehearsal.standIns) {
      const there = state.seats.has(one.seat) && !isGone(one, state);
      if (there === this.#here.has(one.seat)) continue;
      if (there) this.#here.add(one.seat);
      else this.#here.delete(one.seat);
      this.#parts.standIn(one.seat, there);
    }
  }

  /** At the end of what comes before the place wished for, the host takes over. */
  #stopWhereWished(state: SittingState): void {
    const { stopBefore, byItself } = this.#wish;
    if (!byItself) return;
    const { question, round } = state;
    const fresh = question !== null && question.play !== this.#from.play;
    const reached =
      (typeof stopBefore === 'number' && (round?.index ?? -1) >= stopBefore) ||
      (stopBefore === 'question' && fresh) ||
      (stopBefore === 'key' && question?.keyShown === true && (fresh || !this.#from.key));
    if (reached || state.phase === 'closed') this.wish({ byItself: false, rate: 1, stopBefore: null });
  }

  #wake(): void {
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    const next = this.#schedule.next;
    if (!next || this.#stopped) return;
    const ms = Math.max(0, (next.at - this.now()) / this.#clock.rate);
    this.#timer = setTimeout(() => this.#act(), ms);
  }

  #act(): void {
    const now = this.now();
    const state = this.#state;
    for (let n = 0; n < AT_ONCE && (this.#schedule.next?.at ?? Infinity) <= now; n++) {
      const move = this.#schedule.take()!;
      // What was meant for a moment that has passed is not done any more.
      if (move.when === null || (state && isMeant(move, state))) void this.#parts.submit(submissionFor(move));
    }
    this.#wake();
  }
}

const submissionFor = ({ actor, command, roundTrip }: Move): Submission => ({
  id: `stand-in-${nanoid(12)}`,
  actor,
  command,
  roundTrip,
  window: roundTrip,
  receipt: receiptOf(actor),
});
