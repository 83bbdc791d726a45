import type { ClaimView } from '@distaff/core/formats';
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';

export interface Group {
  at: number;
  name: string;
  weave: Weave | null;
  teams: string[];
  /** What its teams are called, where there are several. */
  names: string;
  squares: number;
  short: boolean;
}

/** The groups that play, each in the weave of its first team; where it is one team alone, by its name. */
export function useGroups(
  of: () => { round: ClaimView; teams: readonly { id: string; name: string; weave: Weave }[] },
) {
  const { t } = useI18n();
  const { list } = useFormat();
  const groups = computed<Group[]>(() => {
    const { round, teams } = of();
    return round.groups.flatMap(({ teams: ids, squares, short }, at) => {
      const first = teams.find((team) => team.id === ids[0]);
      if (ids.length === 0) return [];
      const name = ids.length === 1 ? (first?.name ?? '') : t('formats.claim.group', { n: at + 1 });
      const called = ids.flatMap((id) => teams.find((team) => team.id === id)?.name ?? []);
      const names = ids.length > 1 ? list(called) : '';
      return [{ at, name, names, weave: first?.weave ?? null, teams: ids, squares, short }];
    });
  });
  const groupAt = (at: number | null) => groups.value.find((one) => one.at === at) ?? null;
  const groupOf = (team: string) => groups.value.find(({ teams }) => teams.includes(team)) ?? null;
  return { groups, groupAt, groupOf };
}
