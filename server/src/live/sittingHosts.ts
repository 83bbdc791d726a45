import type { Random, Room, Show } from '@distaff/core';
import type { Server } from 'socket.io';
import type { Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import { Audiences, roomOf } from './audiences.ts';
import { Delays } from './delays.ts';
import { RehearsalRun } from './rehearsalRun.ts';
import { SittingHost } from './sittingHost.ts';

export interface LiveSitting {
  host: SittingHost;
  audiences: Audiences;
  delays: Delays;
  /** Where stand-ins play. */
  rehearsal: RehearsalRun | null;
}

/** The sittings that this process runs, each made when it is first asked for. */
export class SittingHosts {
  readonly #parts: { store: Sittings; log: Log; random: Random; now: () => number; io: Server };
  #live = new Map<string, LiveSitting>();

  constructor(parts: { store: Sittings; log: Log; random: Random; now: () => number; io: Server }) {
    this.#parts = parts;
  }

  get(id: string): LiveSitting {
    const known = this.#live.get(id);
    if (known) return known;
    const { io, ...parts } = this.#parts;
    const audiences = new Audiences(io, id, (show) => host.whenStored(show));
    const host: SittingHost = new SittingHost(id, {
      ...parts,
      publish: (state, events) => audiences.show(state, events),
      present: (seat) => audiences.isHere(seat, parts.now()),
    });
    const live = { host, audiences, delays: new Delays(), rehearsal: null };
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
    const live = { host, audiences, delays: new Delays(), rehearsal: run };
    this.#live.set(id, live);
    void host.state();
    return live;
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

  /** A show is no longer shared with somebody: their desks ask again whether they may stay. */
  askAgain(show: string, account: string): void {
    this.#parts.io.in(roomOf.member(show, account)).disconnectSockets(true);
  }

  /** Loads every open sitting, so that their clocks go on with nobody watching. */
  async resume(): Promise<number> {
    const ids = await this.#parts.store.openIds();
    for (const id of ids) await this.get(id).host.state();
    return ids.length;
  }

  async stop(): Promise<void> {
    for (const { rehearsal } of this.#live.values()) rehearsal?.stop();
    await Promise.all([...this.#live.values()].map(({ host }) => host.stop()));
  }
}
