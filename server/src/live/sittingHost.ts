import {
  append,
  decide,
  due,
  isRefusal,
  isRunning,
  refuse,
  replay,
  type Actor,
  type LoggedEvent,
  type Random,
  type Refusal,
  type Sitting,
  type SittingState,
} from '@distaff/core';
import type { Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import type { Answer, Order } from './order.ts';
import { unwantedIn } from './unwanted.ts';

/** What a host needs of the store of sittings. */
export type Store = Pick<Sittings, 'load' | 'append' | 'markAlive'>;

/** The most commands that are decided and stored together: one insert of so many rows is far below what MariaDB takes. */
const BATCH = 2000;
/** How often a running clock is noted as seen, and from what silence on it was an outage (ms). */
const HEARTBEAT = 1000;
const OUTAGE = 2500;
/** Pause before the log is read again after the store failed (ms). */
const RELOAD_PAUSE = 300;
/** Above this many orders waiting, new ones are asked to come again. */
const MAX_WAITING = 20_000;

const CLOCK: Actor = { role: 'clock', id: '' };

const notStored = refuse('retry', 'That could not be stored just now. It is sent again by itself.');

/**
 * The one writer of one sitting. Orders wait in a queue; those that gathered while the last ones
 * were being stored are decided in a row and stored as one insert (a self-clocked group commit);
 * only then are they acknowledged and shown. When the store fails nothing is acknowledged, the
 * state is thrown away and read anew from the log.
 */
export class SittingHost {
  readonly id: string;
  readonly #store: Store;
  readonly #log: Log;
  readonly #random: Random;
  readonly #now: () => number;
  readonly #publish: (state: SittingState, events: readonly LoggedEvent[]) => void;
  readonly #present: (seat: string) => boolean;
  readonly #rate: (() => number) | null;
  #sitting: Sitting | null = null;
  #queue: { order: Order; answer: (answer: Answer) => void }[] = [];
  #busy: Promise<void> | null = null;
  /** What waits for a moment in which everything is stored. */
  #waiting: (() => void)[] = [];
  #timer: NodeJS.Timeout | null = null;
  #heartbeat: NodeJS.Timeout | null = null;
  #lastBeat = 0;
  #beating = false;
  #stopped = false;

  constructor(
    id: string,
    parts: {
      store: Store;
      log: Log;
      random: Random;
      now: () => number;
      publish: (state: SittingState, events: readonly LoggedEvent[]) => void;
      /** Whether a seat is connected, or was until just now. */
      present?: (seat: string) => boolean;
      /** How fast `now` runs, in a rehearsal: it ends with the server, so that no outage is given back. */
      rate?: () => number;
    },
  ) {
    this.id = id;
    this.#store = parts.store;
    this.#log = parts.log;
    this.#random = parts.random;
    this.#now = parts.now;
    this.#publish = parts.publish;
    this.#present = parts.present ?? (() => true);
    this.#rate = parts.rate ?? null;
  }

  /** Has an order decided, stored and acknowledged. Never rejects. */
  submit(order: Order): Promise<Answer> {
    if (this.#stopped || this.#queue.length >= MAX_WAITING) return Promise.resolve(notStored);
    return new Promise((answer) => {
      this.#queue.push({ order, answer });
      if (!this.#busy) void this.#run(() => this.#drain());
    });
  }

  /** The state with everything stored and nothing that is not. @throws when the log cannot be read. */
  async state(): Promise<SittingState> {
    while (this.#busy) await this.#busy;
    if (!this.#sitting) await this.#run(() => this.#load());
    return this.#sitting!.state;
  }

  /**
   * Calls `show` in the next moment in which the state holds nothing that is not stored; never where
   * the log is read again before, since everything is published then.
   */
  whenStored(show: () => void): void {
    if (this.#busy) this.#waiting.push(show);
    else if (this.#sitting) show();
  }

  /** One piece of work at a time; orders that came meanwhile are taken up right after it. */
  #run(work: () => Promise<void>): Promise<void> {
    const done = work().finally(() => {
      this.#busy = null;
      if (this.#queue.length > 0) void this.#run(() => this.#drain());
    });
    // Whoever waits for the state hears of a failed load; the next one tries again.
    done.catch(() => {});
    this.#busy = done;
    return done;
  }

  /** Looks anew when time will act, after the clock was set to another rate. */
  reschedule(): void {
    this.#schedule();
  }

  /** The whole log. */
  async log(): Promise<readonly LoggedEvent[]> {
    await this.state();
    return this.#sitting!.log;
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    if (this.#timer) clearTimeout(this.#timer);
    if (this.#heartbeat) clearInterval(this.#heartbeat);
    await this.#busy?.catch(() => {});
  }

  async #drain(): Promise<void> {
    while (this.#queue.length > 0) {
      const batch = this.#queue.splice(0, BATCH);
      try {
        await this.#carryOut(batch);
      } catch (error) {
        this.#sitting = null;
        this.#log.warn(
          { sitting: this.id, error: (error as Error).message },
          'not stored; the log is read again',
        );
        for (const { answer } of batch) answer(notStored);
        this.#wakeIn(RELOAD_PAUSE);
      }
    }
  }

  async #carryOut(orders: { order: Order; answer: (answer: Answer) => void }[]): Promise<void> {
    if (!this.#sitting) await this.#load();
    const batch = [...this.#givenBack(), ...orders];
    const sitting = this.#sitting!;
    const phaseBefore = sitting.state.phase;
    const events: LoggedEvent[] = [];
    const unwanted = unwantedIn(sitting.state.show);
    /** Orders that changed something now, rather than when they came before. */
    const fresh = new Set<Order>();
    const answers = batch.map(({ order }): Answer => {
      const result = decide(sitting, order.id, order.command, {
        now: this.#now(),
        random: this.#random,
        actor: order.actor,
        roundTrip: order.roundTrip ?? 0,
        doubt: order.doubt ?? 0,
        window: order.window ?? 0,
        present: this.#present,
        unwanted,
      });
      if (isRefusal(result)) {
        this.#logRefusal(order, result);
        return result;
      }
      append(sitting, result);
      if (result.length > 0) fresh.add(order);
      for (const event of result) events.push(event);
      return { ok: true, seq: sitting.log.at(-1)?.seq ?? 0 };
    });
    if (events.length > 0) await this.#store.append(this.id, events, sitting.state, phaseBefore);
    batch.forEach(({ order, answer }, i) => {
      const told = answers[i]!;
      if (order.also && !isRefusal(told)) told.seat = order.also(sitting.state, fresh.has(order));
      answer(told);
    });
    if (events.length > 0) {
      // Who waits for an acknowledgement must not wait for the pictures of a thousand others.
      if (batch.length > 1) await new Promise((acknowledged) => setImmediate(acknowledged));
      this.#publish(sitting.state, events);
    }
    for (const show of this.#waiting.splice(0)) show();
    this.#schedule();
  }

  /**
   * Nobody could answer while the store took nothing, or while the whole machine slept – a lid that was
   * closed: before anything else happens the clock gets that time back.
   */
  #givenBack(): { order: Order; answer: () => void }[] {
    const silence = this.#now() - this.#lastBeat;
    if (!this.#heartbeat || silence <= OUTAGE) return [];
    this.#lastBeat = this.#now();
    this.#log.warn({ sitting: this.id, ms: silence }, 'a running clock was given lost time back');
    const command = { type: 'outage', ms: silence - HEARTBEAT } as const;
    return [
      {
        order: { id: `outage-${this.#sitting!.log.length}`, command, actor: CLOCK },
        answer: () => undefined,
      },
    ];
  }

  #logRefusal({ command, actor }: Order, { refused, sentence }: Refusal): void {
    if (actor.role === 'clock') return;
    this.#log.info(
      { sitting: this.id, command: command.type, actor: actor.role, refused, sentence },
      'command refused',
    );
  }

  /** Reads the log. A clock that ran while no server was alive gets that time back. */
  async #load(): Promise<void> {
    const { log, aliveAt } = await this.#store.load(this.id);
    const sitting = replay(log);
    const clock = sitting.state.question?.clock ?? null;
    const now = this.#now();
    const silence = now - Math.max(aliveAt ?? 0, log.at(-1)?.at ?? 0);
    if (isRunning(clock) && silence > OUTAGE && !this.#rate) {
      const id = `outage-${log.length}`;
      const context = { now, random: this.#random, actor: CLOCK };
      const events = decide(sitting, id, { type: 'outage', ms: silence }, context);
      if (!isRefusal(events)) {
        await this.#store.append(this.id, events, sitting.state, sitting.state.phase);
        append(sitting, events);
        this.#log.warn(
          { sitting: this.id, ms: silence },
          'a running clock was given the time of an outage back',
        );
      }
    }
    this.#sitting = sitting;
    this.#lastBeat = now;
    this.#waiting = [];
    this.#publish(sitting.state, []);
    this.#schedule();
  }

  #schedule(): void {
    if (this.#stopped || !this.#sitting) return;
    const { state } = this.#sitting;
    const moment = due(state);
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    if (moment !== null) this.#wakeIn(moment - this.#now());
    if (moment !== null && !this.#heartbeat && !this.#rate) {
      this.#lastBeat = this.#now();
      this.#heartbeat = setInterval(() => void this.#beat(), HEARTBEAT);
      void this.#beat();
    } else if (moment === null && this.#heartbeat) {
      clearInterval(this.#heartbeat);
      this.#heartbeat = null;
    }
  }

  /** Notes that a running clock was seen; after a long silence it is first given that time back. */
  async #beat(): Promise<void> {
    if (this.#beating) return;
    this.#beating = true;
    try {
      await this.#store.markAlive(this.id, this.#now());
      if (this.#now() - this.#lastBeat > OUTAGE) this.#wakeIn(0);
      else this.#lastBeat = this.#now();
    } catch {
      // The store is away: the next beat tries again.
    } finally {
      this.#beating = false;
    }
  }

  /** Lets time act after a pause, or has the log read again where the state was thrown away. */
  #wakeIn(ms: number): void {
    if (this.#stopped) return;
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(
      () => {
        const seq = this.#sitting?.state.seq ?? `again-${this.#now()}`;
        void this.submit({
          id: `time-${seq}`,
          command: { type: 'timeUp' },
          actor: { role: 'clock', id: '' },
        });
      },
      Math.min(Math.max(0, ms / (this.#rate?.() ?? 1)), 2 ** 31 - 1),
    );
  }
}
