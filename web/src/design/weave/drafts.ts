import type { Weave } from '@distaff/core/show';

/** What lies on top at a crossing: a thread of the warp or of the weft, of the first yarn or the second; or nothing. */
export type Crossing = { warp: boolean; yarn: 0 | 1 } | null;

/** How a pattern is woven: its repeat in threads, and every crossing in it. */
export interface Draft {
  across: number;
  down: number;
  at(i: number, j: number): Crossing;
}

/** The order of two yarns, thread by thread. */
const yarns = (order: string) => (n: number) => (order[n % order.length] === 'A' ? 0 : 1);
/** Warp of the first yarn, weft of the second; `up` says where the warp lies on top. */
const woven = (across: number, down: number, up: (i: number, j: number) => boolean): Draft => ({
  across,
  down,
  at: (i, j) => (up(i, j) ? { warp: true, yarn: 0 } : { warp: false, yarn: 1 }),
});
/** Both yarns in an order, the same in warp and weft. */
const checked = (size: number, order: string): Draft => {
  const yarn = yarns(order);
  return {
    across: size,
    down: size,
    at: (i, j) => ((i + j) % 4 < 2 ? { warp: true, yarn: yarn(i) } : { warp: false, yarn: yarn(j) }),
  };
};
const even = (n: number) => n % 2 === 0;
const half = (n: number, by: number) => Math.floor(n / by);
/** Steps to the nearest edge of a repeat. */
const near = (n: number, of: number) => Math.min(n, of - n);
const seersucker = yarns('AAAABBAB');
const cord = yarns('AAAAABBB');

export const drafts: Record<Weave['pattern'], Draft> = {
  plain: woven(4, 4, (i, j) => even(half(i, 2) + half(j, 2))),
  twill: woven(8, 8, (i, j) => (i + j) % 8 < 4),
  herringbone: woven(12, 6, (i, j) => ((i < 6 ? i : 11 - i) + j) % 6 < 3),
  basket: woven(8, 8, (i, j) => even(half(i, 4) + half(j, 4))),
  houndstooth: checked(8, 'AAAABBBB'),
  seersucker: {
    across: 8,
    down: 8,
    at: (i, j) => {
      const long = i < 4 || i === 6;
      return long || even(i + j) ? { warp: true, yarn: seersucker(i) } : { warp: false, yarn: 1 };
    },
  },
  birdseye: woven(8, 8, (i, j) => even(half(near(i, 8) + near(j, 8), 2))),
  dimity: woven(8, 8, (i, j) => i < 2 || ((i === 4 || i === 5) && (j === 3 || j === 4))),
  tartan: checked(16, 'AAAAAABAABBBBBBA'),
  // Warp alone, dyed in lozenges with stepped edges before it is woven.
  ikat: {
    across: 8,
    down: 16,
    at: (i, j) => ({ warp: true, yarn: half(Math.abs(i - 3.5) * 4 + Math.abs(j - 7.5), 2) < 5 ? 0 : 1 }),
  },
  cord: { across: 4, down: 8, at: (_i, j) => ({ warp: false, yarn: cord(j) }) },
  // Every second thread is left out: one sees through.
  gauze: {
    across: 4,
    down: 4,
    at: (i, j) => (even(i) ? { warp: true, yarn: 0 } : even(j) ? { warp: false, yarn: 1 } : null),
  },
};
