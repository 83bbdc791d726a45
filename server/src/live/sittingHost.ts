import {
  append,
  decide,
  due,
  isTimed,
  replay,
  type Actor,
  type LoggedEvent,
  type Sitting,
  type SittingState,
} from '@distaff/core/sitting';
import { isRefusal, refuse, type Refusal } from '@distaff/core/refusal';
import { handedOut } from '@distaff/core/document';
import type { Random } from '@distaff/core/random';
import type { Acknowledged } from '@distaff/core/wire';
import { UnreadableLog } from '../db/sittingLog.ts';
import type { Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import { Heartbeat, OUTAGE } from './heartbeat.ts';
import type { Submission } from './submission.ts';
import { Presses } from './presses.ts';
import { unwantedIn } from './unwanted.ts';

/** What a host needs of the store of sittings. */
export type Store = Pick<Sittings, 'load' | 'append' | 'markAlive'>;

/** The most commands that are decided and stored together: one insert of so many rows is far below what MariaDB takes. */
const BATCH = 2000;
/** Pause before the log is read again after the store failed (ms); it doubles up to the longest. */
const RELOAD_PAUSE = 300;
const LONGEST_PAUSE = 5000;
/** Pause before time acts again where it had nothing to do though it was due (ms); doubles likewise. */
const FRUITLESS_PAUSE = 250;
/** Above this many submissions waiting, new ones are asked to come again. */
const MAX_WAITING = 20_000;

const CLOCK: Actor = { role: 'clock', id: '' };

const unreadable = refuse('invalid', 'gameSetAside');
const notStored = refuse('retry', 'retryStore');

/** A sitting to be looked at. */
const shown = ({ log, state }: Sitting): Sitting => ({ log, state: handedOut(state) });

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
  readonly #backAt: (seat: string) => number | null;
  readonly #loaded: (state: SittingState) => void;
  readonly #rate: (() => number) | null;
  readonly #heart: Heartbeat;
  readonly #presses: Presses;
  #sitting: Sitting | null = null;
  #queue: { submission: Submission; answer: (answer: Acknowledged) => void }[] = [];
  #busy: Promise<void> | null = null;
  /** What waits for a moment in which everything is stored. */
  #waiting: (() => void)[] = [];
  #timer: NodeJS.Timeout | null = null;
  #stopped = false;
  /** Loads that failed in a row, and times at which time had nothing to do though it was due. */
  #failures = 0;
  #fruitless = 0;

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
      /** When a seat came back after this process took the sitting up (ms), where that is not long ago. */
      backAt?: (seat: string) => number | null;
      /** Called with the state as it was read from the store. */
      loaded?: (state: SittingState) => void;
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
    this.#backAt = parts.backAt ?? (() => null);
    this.#loaded = parts.loaded ?? (() => undefined);
    this.#rate = parts.rate ?? null;
    this.#presses = new Presses(parts.now);
    this.#heart = new Heartbeat(
      (now) => this.#store.markAlive(id, now),
      parts.now,
      () => this.#wakeIn(0),
    );
  }

  /** Has an submission decided, stored and acknowledged. Never rejects. */
  submit(submission: Submission): Promise<Acknowledged> {
    if (this.#stopped || this.#queue.length >= MAX_WAITING) return Promise.resolve(notStored);
    return new Promise((answer) => {
      this.#queue.push({ submission, answer });
      if (!this.#busy) void this.#run(() => this.#drain());
    });
  }

  /** The state with everything stored and nothing that is not. @throws when the log cannot be read. */
  async state(): Promise<SittingState> {
    while (this.#busy) await this.#busy;
    if (!this.#sitting) await this.#run(() => this.#load());
    return handedOut(this.#sitting!.state);
  }

  /** The state where nothing is under way; null where it is not in memory, or something is. */
  idleState(): SittingState | null {
    return this.#busy || this.#queue.length > 0 ? null : this.#sitting && handedOut(this.#sitting.state);
  }
  /** Whether submissions are being carried out or wait. */
  get isBusy(): boolean {
    return this.#busy !== null || this.#queue.length > 0;
  }

  /**
   * Calls `show` in the next moment in which the state holds nothing that is not stored; never where
   * the log is read again before, since everything is published then.
   */
  whenStored(show: () => void): void {
    if (this.#busy) this.#waiting.push(show);
    else if (this.#sitting) show();
  }

  /** One piece of work at a time; submissions that came meanwhile are taken up right after it. */
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

  /** Has the log written anew by `work` with nothing else under way; then it is read again, and shown. */
  async rewrite(work: () => Promise<void>): Promise<void> {
    while (this.#busy) await this.#busy;
    await this.#run(async () => {
      await work();
      await this.#load();
    });
  }

  /** The whole log. */
  async log(): Promise<readonly LoggedEvent[]> {
    await this.state();
    return this.#sitting!.log;
  }

  async stop(): Promise<void> {
    this.#stopped = true;
    if (this.#timer) clearTimeout(this.#timer);
    this.#heart.end();
    await this.#busy?.catch(() => {});
  }

  async #drain(): Promise<void> {
    while (this.#queue.length > 0) {
      const batch = this.#queue.splice(0, BATCH);
      try {
        await this.#carryOut(batch);
      } catch (error) {
        this.#sitting = null;
        const setAside = error instanceof UnreadableLog;
        for (const { answer } of batch) answer(setAside ? unreadable : notStored);
        // Nothing would come of trying again: what is damaged stays so until somebody looks at it.
        if (setAside) continue;
        this.#log.warn(
          { sitting: this.id, error: (error as Error).message },
          'not stored; the log is read again',
        );
        this.#wakeIn(Math.min(LONGEST_PAUSE, RELOAD_PAUSE * 2 ** this.#failures++));
      }
    }
  }

  async #carryOut(
    submissions: { submission: Submission; answer: (answer: Acknowledged) => void }[],
  ): Promise<void> {
    if (!this.#sitting) await this.#load();
    const batch = [...this.#givenBack(), ...submissions];
    const sitting = this.#sitting!;
    const phaseBefore = sitting.state.phase;
    const events: LoggedEvent[] = [];
    const unwanted = unwantedIn(sitting.state.show);
    /** Orders that changed something now, rather than when they came before. */
    const fresh = new Set<Submission>();
    const answers = batch.map(({ submission }): Acknowledged => {
      const result =
        this.#presses.refused(submission) ??
        decide(shown(sitting), submission.id, submission.command, {
          now: this.#now(),
          random: this.#random,
          actor: submission.actor,
          roundTrip: submission.roundTrip ?? 0,
          distrusted: submission.distrusted ?? false,
          window: submission.window ?? 0,
          receipt: submission.receipt ?? null,
          present: this.#present,
          backAt: this.#backAt,
          unwanted,
        });
      if (isRefusal(result)) {
        this.#logRefusal(submission, result);
        return result;
      }
      append(sitting, result);
      if (result.length > 0) fresh.add(submission);
      this.#presses.note(submission, result);
      for (const event of result) events.push(event);
      return { ok: true, seq: sitting.log.at(-1)?.seq ?? 0 };
    });
    if (events.length > 0) await this.#store.append(this.id, events, sitting.state, phaseBefore);
    batch.forEach(({ submission, answer }, i) => {
      const told = answers[i]!;
      if (submission.also && !isRefusal(told))
        told.seat = submission.also(handedOut(sitting.state), fresh.has(submission));
      answer(told);
    });
    if (events.length > 0) {
      // Who waits for an acknowledgement must not wait for the pictures of a thousand others.
      if (batch.length > 1) await new Promise((acknowledged) => setImmediate(acknowledged));
      this.#show(sitting.state, events);
    }
    for (const show of this.#waiting.splice(0)) show();
    const onlyTime = submissions.every(({ submission }) => submission.command.type === 'timeUp');
    this.#fruitless = events.length > 0 || !onlyTime ? 0 : this.#fruitless + 1;
    this.#schedule();
  }

  /**
   * Nobody could answer while the store took nothing, or while the whole machine slept – a lid that was
   * closed: before anything else happens the clock gets that time back.
   */
  #givenBack(): { submission: Submission; answer: () => void }[] {
    const ms = this.#heart.takeSilence();
    if (ms === 0) return [];
    this.#log.warn({ sitting: this.id, ms }, 'a running clock was given lost time back');
    const command = { type: 'outage', ms } as const;
    return [
      {
        submission: { id: 'outage', command, actor: CLOCK },
        answer: () => undefined,
      },
    ];
  }

  /** What is stored is stored, whether or not it can be shown: a picture that fails undoes nothing. */
  #show(state: SittingState, events: readonly LoggedEvent[]): void {
    try {
      this.#publish(handedOut(state), events);
    } catch (error) {
      this.#log.error({ sitting: this.id, error: (error as Error).stack }, 'a state could not be shown');
    }
  }

  /** The sentence may name players, so it is not logged. */
  #logRefusal({ command, actor }: Submission, { refused }: Refusal): void {
    if (actor.role === 'clock') return;
    this.#log.info(
      { sitting: this.id, command: command.type, actor: actor.role, refused },
      'command refused',
    );
  }

  /** Reads the log. A clock that ran while no server was alive gets that time back. */
  async #load(): Promise<void> {
    const { log, aliveAt } = await this.#store.load(this.id);
    const sitting = this.#replay(log);
    const now = this.#now();
    const silence = now - Math.max(aliveAt ?? 0, log.at(-1)?.at ?? 0);
    if (isTimed(sitting.state) && silence > OUTAGE && !this.#rate) {
      const context = { now, random: this.#random, actor: CLOCK };
      const events = decide(shown(sitting), 'outage', { type: 'outage', ms: silence }, context);
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
    this.#heart.touch();
    this.#waiting = [];
    this.#failures = 0;
    this.#loaded(handedOut(sitting.state));
    this.#show(sitting.state, []);
    this.#schedule();
  }

  #replay(log: LoggedEvent[]): Sitting {
    try {
      return replay(log);
    } catch (error) {
      throw new UnreadableLog(error);
    }
  }

  #schedule(): void {
    if (this.#stopped || !this.#sitting) return;
    const { state } = this.#sitting;
    const moment = due(state);
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = null;
    if (moment !== null) {
      const least = this.#fruitless === 0 ? 0 : FRUITLESS_PAUSE * 2 ** Math.min(this.#fruitless, 6);
      this.#wakeIn(Math.max(least, moment - this.#now()));
    }
    if (moment === null) this.#heart.end();
    else if (!this.#rate) this.#heart.begin();
  }

  /** Lets time act after a pause, or has the log read again where the state was thrown away. */
  #wakeIn(ms: number): void {
    if (this.#stopped) return;
    if (this.#timer) clearTimeout(this.#timer);
    this.#timer = setTimeout(
      () => {
        void this.submit({ id: 'time', command: { type: 'timeUp' }, actor: CLOCK });
      },
      Math.min(Math.max(0, ms / (this.#rate?.() ?? 1)), 2 ** 31 - 1),
    );
  }
}
