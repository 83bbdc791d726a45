import type { PublicQuestion } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePractice } from './practice.ts';

/** The run that is on, as its parts look at it. */
export function useRun() {
  const practice = usePractice();
  const { t } = useI18n();
  const now = computed(() => practice.now!);
  const view = computed(() => now.value.view.view);
  const seat = computed(() => now.value.view.seat);
  const summary = computed(() => now.value.view.summary);
  const weave = computed(() => practice.me!.weave);
  /** The question before one, without the options that were tried. */
  const question = computed<PublicQuestion | null>(() => {
    const own = seat.value.asked ?? view.value.question;
    const again = seat.value.again?.ruledOut ?? [];
    return own && { ...own, ruledOut: [...new Set([...own.ruledOut, ...again])] };
  });
  const comesAgain = computed(() => view.value.round?.format === 'ownPace' && !view.value.round.once);
  /** Which question of how many this is; where they come round again only which. */
  const number = computed(() => {
    const { lengths, of } = summary.value;
    const over = question.value?.step === 'settled';
    const n = lengths.length + (over ? 0 : 1);
    if (comesAgain.value) {
      const answered = seat.value.track?.answered ?? 0;
      return t('practice.questionOnly', { n: answered + (over ? 0 : 1) });
    }
    if (now.value.run.kind === 'again') return t('practice.missedOf', { n: Math.min(n, of), of });
    return t('practice.question', { n: Math.min(n, of), of });
  });
  const lives = computed(() => {
    const round = view.value.round;
    return round?.format === 'knockout' ? (round.left[seat.value.team] ?? round.lives) : null;
  });
  return { practice, now, view, seat, summary, weave, question, number, lives, comesAgain };
}
