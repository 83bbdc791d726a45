import type { Move } from './move.ts';

/** Moves that are to come, the earliest first (a binary heap: a thousand stand-ins plan at once). */
export class Schedule {
  #heap: Move[] = [];

  get next(): Move | null {
    return this.#heap[0] ?? null;
  }
  get size(): number {
    return this.#heap.length;
  }

  add(move: Move): void {
    const heap = this.#heap;
    let i = heap.push(move) - 1;
    while (i > 0) {
      const parent = (i - 1) >> 1;
      if (heap[parent]!.at <= heap[i]!.at) break;
      [heap[parent], heap[i]] = [heap[i]!, heap[parent]!];
      i = parent;
    }
  }

  /** Takes the earliest one out. */
  take(): Move | null {
    const heap = this.#heap;
    const first = heap[0];
    const last = heap.pop();
    if (!first || !last) return null;
    if (heap.length === 0) return first;
    heap[0] = last;
    let i = 0;
    for (;;) {
      const [left, right] = [2 * i + 1, 2 * i + 2];
      let least = i;
      if (left < heap.length && heap[left]!.at < heap[least]!.at) least = left;
      if (right < heap.length && heap[right]!.at < heap[least]!.at) least = right;
      if (least === i) return first;
      [heap[least], heap[i]] = [heap[i]!, heap[least]!];
      i = least;
    }
  }
}
