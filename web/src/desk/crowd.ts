import type { DeskView } from '@distaff/core/sitting';
import { computed, type ComputedRef } from 'vue';

export type Player = DeskView['private']['seats'][number];

/** More people or teams than this are not told one by one beside the question. */
const CROWD = { players: 60, teams: 12 };

/** Who is there, by team, and whether there is room to tell them one by one. */
export function crowd(view: ComputedRef<DeskView>) {
  const manyTeams = computed(() => view.value.teams.length > CROWD.teams);
  const crowded = computed(() => manyTeams.value || view.value.private.seats.length > CROWD.players);
  const playersOf = computed(() => {
    const of = new Map<string, Player[]>();
    for (const seat of view.value.private.seats) {
      const own = of.get(seat.team);
      if (own) own.push(seat);
      else of.set(seat.team, [seat]);
    }
    return of;
  });
  return { manyTeams, crowded, playersOf };
}
