import type { ClaimView } from '@distaff/core/formats';
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { groupWeaves } from './groupWeaves.ts';

export interface Group {
  at: number;
  name: string;
  weave: Weave | null;
  teams: string[];
  /** What its teams are called, where there are several. */
  names: string;
  squares: number;
  /** Each of these squares would complete a row. */
  completing: number[];
}

/** The groups that play: one team alone by its name and weave, several by a number and a weave of the group's own. */
export function useGroups(
  of: () => { round: ClaimView; teams: readonly { id: string; name: string; weave: Weave }[] },
) {
  const { t } = useI18n();
  const { list } = useFormat();
  const groups = computed<Group[]>(() => {
    const { round, teams } = of();
    // Before it is played nobody was dealt: in a preview the first teams stand for all.
    const dealt = round.groups.some((group) => group.teams.length > 0)
      ? round.groups
      : teams.slice(0, round.groups.length).map(({ id }) => ({ teams: [id], squares: 0, completing: [] }));
    return dealt.flatMap(({ teams: ids, squares, completing }, at) => {
      const first = teams.find((team) => team.id === ids[0]);
      if (ids.length === 0) return [];
      const name = ids.length === 1 ? (first?.name ?? '') : t('formats.claim.group', { n: at + 1 });
      const called = ids.flatMap((id) => teams.find((team) => team.id === id)?.name ?? []);
      const names = ids.length > 1 ? list(called) : '';
      const weave = ids.length > 1 ? groupWeaves[at]! : (first?.weave ?? null);
      return [{ at, name, names, weave, teams: ids, squares, completing }];
    });
  });
  const groupAt = (at: number | null) => groups.value.find((one) => one.at === at) ?? null;
  const groupOf = (team: string) => groups.value.find(({ teams }) => teams.includes(team)) ?? null;
  return { groups, groupAt, groupOf };
}
