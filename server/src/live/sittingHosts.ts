import type { Random } from '@distaff/core';
import type { Server } from 'socket.io';
import type { Sittings } from '../db/sittings.ts';
import type { Log } from '../log.ts';
import { Audiences } from './audiences.ts';
import { Delays } from './delays.ts';
import { SittingHost } from './sittingHost.ts';

export interface LiveSitting {
  host: SittingHost;
  audiences: Audiences;
  delays: Delays;
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
    const audiences = new Audiences(io, id);
    const host = new SittingHost(id, {
      ...parts,
      publish: (state, events) => audiences.show(state, events),
      present: (seat) => audiences.isHere(seat, parts.now()),
    });
    const live = { host, audiences, delays: new Delays() };
    this.#live.set(id, live);
    return live;
  }

  /** Loads every open sitting, so that their clocks go on with nobody watching. */
  async resume(): Promise<number> {
    const ids = await this.#parts.store.openIds();
    for (const id of ids) await this.get(id).host.state();
    return ids.length;
  }

  async stop(): Promise<void> {
    await Promise.all([...this.#live.values()].map(({ host }) => host.stop()));
  }
}
