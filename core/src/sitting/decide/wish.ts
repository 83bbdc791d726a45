import type { Draft } from '../events.ts';
import { wishesOf } from '../read/wishes.ts';
import type { Seat, SittingState } from '../state.ts';
import type { Context } from './context.ts';

/**
 * What one of a team that chooses together wishes for. It is settled as soon as more than half of those who are
 * there wish the same, or when all have spoken and one wish has more than any other.
 */
export function wish(
  state: SittingState,
  seat: Seat,
  ref: string,
  { present = () => true }: Pick<Context, 'present'>,
): { drafts: Draft[]; settled: boolean } {
  const same = state.wishes.get(seat.id) === ref;
  const { counts, of } = wishesOf(
    state,
    seat.team,
    new Map(state.wishes).set(seat.id, ref),
    (one) => one === seat.id || present(one),
  );
  const [first, second] = counts;
  const all = counts.reduce((sum, { count }) => sum + count, 0) === of;
  const settled =
    first!.ref === ref && (first!.count * 2 > of || (all && first!.count > (second?.count ?? 0)));
  return { drafts: same ? [] : [{ type: 'wished', seat: seat.id, ref }], settled };
}
