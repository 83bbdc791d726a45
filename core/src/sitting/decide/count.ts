import { formatOf } from '../../formats/index.ts';
import type { Draft } from '../events.ts';
import { countOf } from '../read/roundCount.ts';
import type { SittingState } from '../state.ts';

/** Counts the round that is on, where it has not been: it ends. */
export function countNow(state: SittingState): Draft[] {
  const { round, begun } = state;
  if (!round || round.brings === undefined || round.places !== null) return [];
  if (!formatOf(round.format).asks) return [];
  return [{ type: 'counted', begun: begun.length - 1, lines: countOf(state, begun.length - 1) }];
}

/** What a round that was counted brings now otherwise than it did, after rulings in it were changed. */
export function countAgain(state: SittingState, begun: number): Draft[] {
  const paid = new Map<string, number>();
  for (const { team, amount, cause } of state.ledger)
    if (cause.by === 'round' && cause.begun === begun) paid.set(team, (paid.get(team) ?? 0) + amount);
  const lines = countOf(state, begun).map((line) => ({
    ...line,
    amount: line.amount - (paid.get(line.team) ?? 0),
  }));
  const before = state.begun[begun]!.places;
  const same = lines.every(({ team, place, amount }) => amount === 0 && before?.get(team) === place);
  return same ? [] : [{ type: 'counted', begun, lines }];
}
