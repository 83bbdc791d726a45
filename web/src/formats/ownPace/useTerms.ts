import type { OwnPaceView } from '@distaff/core/formats';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';

/** What a round at one's own pace is played for, in words. */
export function useTerms() {
  const { t } = useI18n();
  const { points, change } = useFormat();
  const title = ({ goal, amount, ranking }: OwnPaceView): string =>
    goal === 'most' && ranking === 'none'
      ? t('formats.ownPace.findWeave')
      : t(`formats.ownPace.goals.${goal}`, { amount: points(amount) });
  const goal = (round: OwnPaceView): string =>
    t(`formats.ownPace.goalTold.${round.goal}`, { amount: points(round.amount) });
  /** `gain` where all questions bring the same. */
  const terms = ({ loss }: OwnPaceView, gain: number): string =>
    loss === 0
      ? t('formats.ownPace.termsNone', { gain: change(gain) })
      : t('formats.ownPace.terms', { gain: change(gain), loss: change(-loss) });
  return { title, goal, terms };
}
