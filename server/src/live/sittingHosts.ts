import { due } from '@distaff/core/sitting';
import type { Random } from '@distaff/core/random';
import type { Room } from '@distaff/core/rehearsal';
import type { Show } from '@distaff/core/show';
import type { LiveServer } from './io.ts';
import { viewKey } from '../auth/tokens.ts';
import type { Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import { Audiences, roomOf } from './audiences.ts';
import { Claims } from './claims.ts';
import { Delays } from './delays.ts';
import { Newcomers } from './newcomers.ts';
import { Reactions } from './reactions.ts';
import { RehearsalRun } from './rehearsalRun.ts';
import { SittingHost } from './sittingHost.ts';

export interface LiveSitting {
  host: SittingHost;
  audiences: Audiences;
  delays: Delays;
  /** Where stand-ins play. */
  rehearsal: RehearsalRun | null;
  /** Sockets that are connected, and when it was asked for last (ms). */
  visitors: number;
  /** Where its people are: addresses of its desk, its stage and its seats. */
  addresses: Set<string>;
  newcomers: Newcomers;
  reactions: Reactions;
  /** Seats that are to go to another device. */
  claims: Claims;
  askedAt: number;
}

/** How long after its last visitor a sitting stays in memory, and one that is closed (ms). */
const STAYS = 5 * 60_000;
const STAYS_CLOSED = 20_000;
const SWEEP = 10_000;
/** So many sittings are taken up at once when the server starts. */
const AT_ONCE = 4;
/** An open sitting that was not seen for so long is taken up when somebody comes (ms). */
const FORGOTTEN = 24 * 3_600_000;

/** The sittings that this process runs, each made when it is first asked for. */
export class SittingHosts {
  readonly #parts: { store: Sittings; log: Log; random: Random; now: () => number; io: LiveServer };
  #live = new Map<string, LiveSitting>();
  #sweeping: NodeJS.Timeout;

  constructor(parts: { store: Sittings; log: Log; random: Random; now: () => number; io: LiveServer }) {
    this.#parts = parts;
    this.#sweeping = setInterval(() => void this.sweep(parts.now()), SWEEP).unref();
  }

  get(id: string): LiveSitting {
    const known = this.#live.get(id);
    if (known) {
      known.askedAt = this.#parts.now();
      return known;
    }
    const { io, ...parts } = this.#parts;
    const audiences = new Audiences(io, id, (show) => host.whenStored(show));
    const host: SittingHost = new SittingHost(id, {
      ...parts,
      publish: (state, events) => audiences.show(state, events),
      present: (seat) => audiences.isHere(seat, parts.now()),
      backAt: (seat) => audiences.backAt(seat, parts.now()),
      loaded: (state) => audiences.loaded(state),
    });
    const live = this.#alive({ host, audiences, rehearsal: null });
    this.#live.set(id, live);
    return live;
  }

  /** Runs a sitting with stand-ins, on a clock of its own. */
  rehearse(id: string, show: Show, room: Room): LiveSitting {
    const { io, now, ...parts } = this.#parts;
    const audiences = new Audiences(io, id, (show) => host.whenStored(show));
    const run: RehearsalRun = new RehearsalRun({
      show,
      room,
      random: parts.random,
      now,
      submit: (order) => host.submit(order),
      reschedule: () => host.reschedule(),
      tell: (told) => io.to([roomOf.desk(id), roomOf.stage(id), roomOf.handset(id)]).emit('rehearsal', told),
      standIn: (seat, there) => audiences.standIn(seat, there),
    });
    const host: SittingHost = new SittingHost(id, {
      ...parts,
      now: () => run.now(),
      rate: () => run.rate,
      publish: (state, events) => {
        audiences.show(state, events);
        run.see(state);
      },
      present: (seat) => run.present(seat) ?? audiences.isHere(seat, now()),
    });
    const live = this.#alive({ host, audiences, rehearsal: run });
    this.#live.set(id, live);
    void host.state();
    return live;
  }

  #alive(parts: Pick<LiveSitting, 'host' | 'audiences' | 'rehearsal'>): LiveSitting {
    const rooms = [roomOf.desk(parts.host.id), roomOf.stage(parts.host.id)];
    return {
      ...parts,
      reactions: new Reactions((counts) => this.#parts.io.to(rooms).emit('reacted', counts)),
      delays: new Delays(),
      visitors: 0,
      addresses: new Set(),
      newcomers: new Newcomers(),
      claims: new Claims(),
      askedAt: this.#parts.now(),
    };
  }

  /**
   * Lets go of sittings that nobody has looked at for a while and in which time has nothing to do: they
   * are their logs, and are read again when somebody comes.
   */
  async sweep(now: number): Promise<void> {
    for (const [id, live] of this.#live) {
      if (live.rehearsal || live.visitors > 0 || live.host.isBusy || now - live.askedAt < STAYS_CLOSED)
        continue;
      const state = live.host.idleState();
      const stays = state?.phase === 'closed' ? STAYS_CLOSED : STAYS;
      if (now - live.askedAt < stays || (state && due(state) !== null)) continue;
      this.#live.delete(id);
      await live.host.stop();
    }
  }

  /** Sittings that are in memory. */
  get size(): number {
    return this.#live.size;
  }

  /** Ends what runs of a sitting that is no more, and sends everybody away. */
  async drop(id: string): Promise<void> {
    const live = this.#live.get(id);
    if (!live) return;
    this.#live.delete(id);
    live.rehearsal?.stop();
    await live.host.stop();
    this.#parts.io.in([roomOf.desk(id), roomOf.stage(id), roomOf.handset(id)]).disconnectSockets(true);
  }

  /** Sign-ins ended, here by their hashes: their desks go with them. */
  signedOut(logins: readonly string[]): void {
    for (const login of logins) this.#parts.io.in(roomOf.login(login)).disconnectSockets(true);
  }

  /** The key of a stage was changed: whoever came by the one before, from wherever, has to go. */
  changeStageKey(id: string, key: string): void {
    this.#parts.io.in(roomOf.byKey(id)).disconnectSockets(true);
    this.#parts.io.in(roomOf.desk(id)).emit('keys', { stage: key, view: viewKey(key) });
  }

  /** A show is no longer shared with somebody: their desks ask again whether they may stay. */
  askAgain(show: string, account: string): void {
    this.#parts.io.in(roomOf.member(show, account)).disconnectSockets(true);
  }

  /**
   * Takes up the open sittings in which a clock may run, so that it goes on with nobody watching. One
   * that cannot be read is told of and set aside; all others go on.
   */
  async resume(): Promise<{ resumed: number; setAside: number }> {
    const { store, log, now } = this.#parts;
    const ids = await store.runningIds(now() - FORGOTTEN);
    const told = { resumed: 0, setAside: 0 };
    const waiting = [...ids];
    const worker = async () => {
      for (let id = waiting.shift(); id !== undefined; id = waiting.shift())
        try {
          await this.get(id).host.state();
          told.resumed++;
        } catch (error) {
          told.setAside++;
          const { message, cause } = error as Error;
          log.error({ sitting: id, error: message, cause: String(cause ?? '') }, 'a sitting was set aside');
        }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, worker));
    return told;
  }

  async stop(): Promise<void> {
    clearInterval(this.#sweeping);
    for (const { rehearsal } of this.#live.values()) rehearsal?.stop();
    await Promise.all([...this.#live.values()].map(({ host }) => host.stop()));
  }
}
