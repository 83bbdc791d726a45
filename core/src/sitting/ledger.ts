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

/** What the ledger wants to know of a question. */
interface Played {
  question: string;
  ref: string;
  play: number;
  factors: readonly { team: string; times: number; why: string }[];
}

/** What a team's value was multiplied with, where it was. */
function factorsOf(factors: Played['factors'], team: string): { factors?: { times: number; why: string }[] } {
  const own = factors.filter((one) => one.team === team).map(({ times, why }) => ({ times, why }));
  return own.length > 0 ? { factors: own } : {};
}

/**
 * What an event writes into the ledger: the one way into it. A question that is settled pays what it brought,
 * a round that is counted what it brings the show, and everything else says `scored`.
 * @param played the question concerned, where one is in play.
 */
export function entriesOf(event: LoggedEvent, played: Played | null): readonly LedgerEntry[] {
  switch (event.type) {
    case 'scored': {
      const { seq, at, team, amount, cause } = event;
      return [{ seq, at, team, amount, cause }];
    }
    case 'counted':
      return linesOf(
        event,
        event.lines.map(({ team, place, amount }) => ({
          team,
          amount,
          cause: { by: 'round', begun: event.begun, place },
        })),
      );
    case 'settled': {
      if (!played) return NONE;
      const { question, ref, play, factors } = played;
      return linesOf(
        event,
        (event.results ?? []).map(({ team, share, amount }) => ({
          team,
          amount,
          cause: {
            by: 'ruling',
            question,
            ref,
            verdict: verdictOf(share),
            play,
            ...factorsOf(factors, team),
          },
        })),
      );
    }
    default:
      return NONE;
  }
}

const NONE: readonly LedgerEntry[] = [];
const linesOf = ({ seq, at }: LoggedEvent, all: readonly Omit<LedgerEntry, 'seq' | 'at'>[]): LedgerEntry[] =>
  all.filter(({ amount }) => amount !== 0).map((line): LedgerEntry => ({ seq, at, ...line }));
