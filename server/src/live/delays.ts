import type { Socket } from 'socket.io';

/** How often the way to a client is measured (ms), how long an echo is waited for, and how many count. */
const EVERY = 5_000;
const PATIENCE = 4_000;
const KEPT = 5;

/**
 * How long messages take to the clients of one sitting and back. The server measures it by itself:
 * what a client says of its own delay is not believed.
 */
export class Delays {
  /** The last round trips of each client, in milliseconds. */
  #trips = new Map<string, number[]>();

  /** Measures the way to this client for as long as it is connected. */
  watch(socket: Socket): void {
    const measure = async () => {
      const sent = performance.now();
      try {
        await socket.timeout(PATIENCE).emitWithAck('echo');
      } catch {
        return;
      }
      const trips = this.#trips.get(socket.id) ?? [];
      this.#trips.set(socket.id, [...trips, performance.now() - sent].slice(-KEPT));
    };
    void measure();
    const timer = setInterval(() => void measure(), EVERY);
    socket.on('disconnect', () => {
      clearInterval(timer);
      this.#trips.delete(socket.id);
    });
  }

  #longest(id: string): number {
    return Math.max(0, ...(this.#trips.get(id) ?? []));
  }

  /**
   * What a decision needs to know of a client: its longest round trip, by how much its clock may be
   * wrong, and how long presses of others may be under way. Half a round trip would be the bound for
   * a way that takes all its time in one direction; that is not seen in practice, so the doubt is half of
   * what the round trips differ by, and a tenth of the shortest for ways that differ.
   */
  of(id: string): { roundTrip: number; doubt: number; window: number } {
    let slowest = 0;
    for (const other of this.#trips.keys()) slowest = Math.max(slowest, this.#longest(other));
    const own = this.#trips.get(id) ?? [0];
    const [least, most] = [Math.min(...own), Math.max(...own)];
    const doubt = (most - least) / 2 + least / 10 + 1;
    return { roundTrip: most, doubt, window: slowest };
  }
}
