import type { Cause } from '../formats/events.ts';
import { verdictOf } from '../question/kind.ts';
import type { LoggedEvent } from './events.ts';

export type { Cause };

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

/**
 * What an event writes into the ledger: the one way into it. A question that is settled pays what it brought,
 * a round that is counted what it brings the show, and everything else says `scored`.
 * @param played the question concerned, where one is in play.
 */
export function entriesOf(
  event: LoggedEvent,
  played: { question: string; ref: string; play: number } | null,
): LedgerEntry[] {
  const { seq, at } = event;
  const lines = (all: readonly Omit<LedgerEntry, 'seq' | 'at'>[]) =>
    all.filter(({ amount }) => amount !== 0).map((line): LedgerEntry => ({ seq, at, ...line }));
  switch (event.type) {
    case 'scored':
      return [{ seq, at, team: event.team, amount: event.amount, cause: event.cause }];
    case 'counted':
      return lines(
        event.lines.map(({ team, place, amount }) => ({
          team,
          amount,
          cause: { by: 'round', begun: event.begun, place },
        })),
      );
    case 'settled': {
      if (!played) return [];
      const { question, ref, play } = played;
      return lines(
        (event.results ?? []).map(({ team, share, amount }) => ({
          team,
          amount,
          cause: { by: 'ruling', question, ref, verdict: verdictOf(share), play },
        })),
      );
    }
    default:
      return [];
  }
}
