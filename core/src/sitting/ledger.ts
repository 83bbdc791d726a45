import type { Verdict } from '../question/kind.ts';

/** Why a score changed: a ruling on a question, or the host's hand with a reason. */
export type Cause =
  { by: 'ruling'; question: string; ref: string; verdict: Verdict } | { by: 'hand'; reason: string };

/** One change of one score. Entries are only ever added. */
export interface LedgerEntry {
  seq: number;
  at: number;
  team: string;
  amount: number;
  cause: Cause;
}

/** The score of a team: nothing but the sum of its entries. */
export const scoreOf = (ledger: readonly LedgerEntry[], team: string): number =>
  ledger.reduce((sum, entry) => (entry.team === team ? sum + entry.amount : sum), 0);
