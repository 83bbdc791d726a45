import type { ToldEntry } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import { useFormat } from './useFormat.ts';
import { verdictWord } from './verdict.ts';

/** Why a score changed, in words. */
export function useCause() {
  const { t } = useI18n();
  const { place } = useFormat();
  /** What a format writes it calls itself; what boosts and the spinner bring is called the same everywhere. */
  function formatCause(format: string | null, what: string): string {
    const [area, own] = what.split('.');
    return area === 'boost' || area === 'spinner'
      ? t(`extras.cause.${own}`)
      : t(`formats.${format}.cause.${what.split('.').at(-1)}`);
  }
  const factorsOf = (factors: readonly { why: string; times: number }[] | undefined): string =>
    (factors ?? []).map(({ why }) => ` (${t(`extras.factor.${why}`)})`).join('');
  return ({ cause, format, label }: Pick<ToldEntry, 'cause' | 'format' | 'label'>): string => {
    switch (cause.by) {
      case 'hand':
        return t('desk.byHand', { reason: cause.reason });
      case 'format':
        return formatCause(format, cause.what);
      case 'round':
        return t('desk.byRound', { round: label, place: place(cause.place) });
      case 'ruling':
        return (
          t(cause.revised ? 'desk.byRulingRevised' : 'desk.byRuling', {
            verdict: t(verdictWord[cause.verdict]),
            prompt: label,
          }) + factorsOf(cause.factors)
        );
    }
  };
}
