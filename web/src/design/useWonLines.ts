import type { PublicView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { haveRoom } from './headline.ts';
import { useFormat } from './useFormat.ts';

/** Who won rounds that have a winner of their own: the one that is on, once it is over, or all of them at the close. */
export function useWonLines(view: () => PublicView) {
  const { t } = useI18n();
  const { list } = useFormat();
  return computed<string[]>(() => {
    const { won, phase, teams, devices } = view();
    const names = (ids: readonly string[]) => {
      const all = ids.flatMap((id) => teams.find((team) => team.id === id)?.name ?? []);
      const many = devices.score === 'players' ? 'common.soManyPlayers' : 'common.soManyTeams';
      return haveRoom(all) ? list(all) : t(many, { n: all.length });
    };
    if (phase !== 'closed')
      return won
        .filter((round) => round.on)
        .map((round) =>
          round.teams.length === 0
            ? t('common.wonRoundNobody')
            : t('common.wonRound', round.teams.length, { named: { names: names(round.teams) } }),
        );
    return won
      .filter((round) => round.teams.length > 0)
      .map((round) =>
        t('common.roundWonBy', {
          round: round.title || t(`formats.${round.format}.name`),
          names: names(round.teams),
        }),
      );
  });
}
