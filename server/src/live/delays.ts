import type { LiveSocket } from './io.ts';

/** How often the way to a client is measured (ms), how long an echo is waited for, and how many count. */
const EVERY = 5_000;
const PATIENCE = 4_000;
const KEPT = 5;

/** An echo may be this much slower than other messages of the same client (factor, and ms beside it). */
const SLOWER = 2;
const BESIDE = 25;

/** What was measured of one client, in milliseconds: echoes that it sends itself, answers of its connection. */
interface Trips {
  echoes: number[];
  beats: number[];
}

/**
 * How long messages take to the clients of one sitting and back. The server measures it by itself, by
 * an echo. A client could hold that back: so the least counts, and it is compared with how soon its
 * connection answers the beats that keep it alive, which the program of a page does not handle.
 */
export class Delays {
  #trips = new Map<string, Trips>();

  /** Measures the way to this client for as long as it is connected. */
  watch(socket: LiveSocket): void {
    const trips: Trips = { echoes: [], beats: [] };
    this.#trips.set(socket.id, trips);
    const note = (list: number[], since: number) => {
      list.push(performance.now() - since);
      if (list.length > KEPT) list.shift();
    };
    const measure = async () => {
      const sent = performance.now();
      try {
        await socket.timeout(PATIENCE).emitWithAck('echo');
        note(trips.echoes, sent);
      } catch {
        // Not answered in time: the ones before stand.
      }
    };
    let beat = 0;
    socket.conn.on('packetCreate', ({ type }: { type: string }) => {
      if (type === 'ping') beat = performance.now();
    });
    socket.conn.on('heartbeat', () => beat > 0 && note(trips.beats, beat));
    void measure();
    const timer = setInterval(() => void measure(), EVERY);
    socket.on('disconnect', () => {
      clearInterval(timer);
      this.#trips.delete(socket.id);
    });
  }

  /** What a decision needs to know of a client, and how long presses of others may be under way. */
  of(id: string): { roundTrip: number; distrusted: boolean; window: number } {
    let slowest = 0;
    for (const { echoes } of this.#trips.values()) slowest = Math.max(slowest, least(echoes));
    const own = this.#trips.get(id);
    const echo = least(own?.echoes ?? []);
    const beat = own && own.beats.length > 0 ? least(own.beats) : null;
    const distrusted = beat !== null && echo > beat * SLOWER + BESIDE;
    return { roundTrip: echo, distrusted, window: slowest };
  }
}

const least = (list: readonly number[]): number => (list.length === 0 ? 0 : Math.min(...list));
