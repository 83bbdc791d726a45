import type { TrailView } from '@distaff/core/formats';
import type { PublicView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { hasEnded } from '../roundOver.ts';

/** What is said of a trail at the moment, on every surface alike. */
export function useTrail(of: () => PublicView) {
  const { t } = useI18n();
  const { points, change } = useFormat();
  const round = computed(() => of().round as TrailView);
  const nameOf = (team: string | null | undefined) => of().teams.find((one) => one.id === team)?.name ?? '';
  const specialAt = (space: number) =>
    round.value.specials.find((one) => one.space === space)?.special ?? (space === 0 ? 'start' : null);
  const title = computed(() => {
    const { rolled, reached, target, last, pieces } = round.value;
    if (reached) return t('formats.trail.reaches', { team: nameOf(reached), target: points(target) });
    if (!rolled && hasEnded(of())) return t('stage.allPlayed');
    if (rolled)
      return t('formats.trail.moves', rolled.face, { named: { team: nameOf(rolled.team), n: rolled.face } });
    const rested = last && last.team !== of().turn ? pieces.find(({ team }) => team === last.team) : null;
    // Nothing is asked there, so that the next is on at once.
    const quiet = rested && specialAt(rested.space);
    const next = { team: nameOf(last?.team), next: nameOf(of().turn) };
    if (quiet === 'rest') return t('formats.trail.rests', next);
    if (quiet === 'start') return t('formats.trail.atStart', next);
    if (quiet === 'boost') return t('formats.trail.getsBoost', next);
    if (
      last &&
      last.team === of().turn &&
      specialAt(pieces.find(({ team }) => team === last.team)?.space ?? -1) === 'again'
    )
      return t('formats.trail.again', { team: nameOf(last.team) });
    return t('formats.trail.rolls', { team: nameOf(of().turn) });
  });
  const stake = computed(() => {
    const { gain } = round.value;
    const { rules } = of();
    const cost = rules?.penalty === 'full' ? gain : Math.round((gain * (rules?.penaltyShare ?? 0)) / 100);
    return t(rules?.penalty === 'none' ? 'formats.trail.stakeFree' : 'formats.trail.stake', {
      gain: change(gain),
      loss: change(-cost),
    });
  });
  const goal = computed(() =>
    round.value.goal === 'first'
      ? t('formats.trail.firstTo', { target: points(round.value.target) })
      : t('formats.trail.most'),
  );
  const over = computed(() => round.value.reached !== null || (!round.value.rolled && hasEnded(of())));
  return { round, title, stake, goal, nameOf, over };
}
