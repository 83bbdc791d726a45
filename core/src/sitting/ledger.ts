import type { Verdict } from '../question/kind.ts';

/** Why a score changed: a ruling on a question, a rule of the format, or the host's hand with a reason. */
export type Cause =
  /** `play` is the number under which the question was in play; logs of earlier versions have none. */
  | { by: 'ruling'; question: string; ref: string; verdict: Verdict; play?: number; revised?: true }
  /** A rule of the format's own, as it calls it: `claim.line`; logs of earlier versions have `cover`. */
  | { by: 'format'; what: string }
  /** What a whole round counted for the show, and at which place it was left. */
  | { by: 'round'; begun: number; place: number }
  | { by: 'hand'; reason: string };

/** One change of one score. Entries are only ever added. */
export interface LedgerEntry {
  seq: number;
  at: number;
  team: string;
  amount: number;
  cause: Cause;
}

/** The score of a team: nothing but the sum of its entries since scores last began anew. */
export const scoreOf = (ledger: readonly LedgerEntry[], team: string, since = 0): number =>
  ledger.reduce((sum, entry) => (entry.team === team && entry.seq >= since ? sum + entry.amount : sum), 0);
