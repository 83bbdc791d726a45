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
  const order = ref<readonly string[]>([]);
  let at = -Infinity;
  watch(
    () => [given().now, given().teams.length, given().still] as const,
    ([now, count, still]) => {
      const known = order.value.length === count;
      if (known && (still || now - at < TOGETHER)) return;
      at = now;
      order.value = [...given().teams]
        .sort((a, b) => balanceOf(b.id) - balanceOf(a.id) || a.place - b.place)
        .map(({ id }) => id);
    },
    { immediate: true },
  );
  return computed(() => {
    const { teams, live, now } = given();
    const byId = new Map(teams.map((team) => [team.id, team]));
    const fresh = new Set(live?.latest.filter(({ at: then }) => now - then < FRESH).map(({ team }) => team));
    const rows = order.value.flatMap((id) => byId.get(id) ?? []);
    const balances = rows.map(({ id }) => balanceOf(id));
    return rows.map((team, i) => ({
      ...team,
      balance: balances[i]!,
      // Who has as much shares the place: the first of those who have it.
      rank: balances.indexOf(balances[i]!) + 1,
      fresh: fresh.has(team.id),
    }));
  });
}
