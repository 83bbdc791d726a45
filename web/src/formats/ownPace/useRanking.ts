import type { OwnPaceLive } from '@distaff/core/formats';
import type { TeamView } from '@distaff/core/sitting';
import { computed, ref, watch, type ComputedRef } from 'vue';

export interface RankedTeam extends TeamView {
  balance: number;
  rank: number;
  /** Its band has just grown. */
  fresh: boolean;
}

/** Rows change places at most so often, all at once (ms), so that nobody loses sight of their own. */
const TOGETHER = 5000;
/** A band that grew so long ago (ms) still carries its shuttle. */
const FRESH = 3000;

/** Everybody by what they have earned; the order stands still between two moments, and at the very end. */
export function useRanking(
  given: () => { teams: readonly TeamView[]; live: OwnPaceLive | null; now: number; still: boolean },
): ComputedRef<RankedTeam[]> {
  const balanceOf = (id: string) => given().live?.balances[id] ?? 0;
  const order = ref<readonly { id: string; rank: number }[]>([]);
  let at = -Infinity;
  watch(
    () => [given().now, given().teams.length, given().still] as const,
    ([now, count, still]) => {
      const known = order.value.length === count;
      if (known && (still || now - at < TOGETHER)) return;
      at = now;
      const sorted = [...given().teams].sort(
        (a, b) => balanceOf(b.id) - balanceOf(a.id) || a.place - b.place,
      );
      const balances = sorted.map(({ id }) => balanceOf(id));
      // Who has as much shares the place: the first of those who have it.
      order.value = sorted.map(({ id }, i) => ({ id, rank: balances.indexOf(balances[i]!) + 1 }));
    },
    { immediate: true },
  );
  return computed(() => {
    const { teams, live, now } = given();
    const byId = new Map(teams.map((team) => [team.id, team]));
    const fresh = new Set(live?.latest.filter(({ at: then }) => now - then < FRESH).map(({ team }) => team));
    return order.value.flatMap(({ id, rank }) => {
      const team = byId.get(id);
      return team ? [{ ...team, balance: balanceOf(id), rank, fresh: fresh.has(id) }] : [];
    });
  });
}
