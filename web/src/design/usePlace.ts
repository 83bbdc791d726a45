import type { PublicQuestion } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import { useOwnKey } from './useOwnKey.ts';

/** What people call the place of a question: its category, or which it is of how many, in the words of its format. */
export function usePlace() {
  const { t } = useI18n();
  const ownKey = useOwnKey();
  return ({
    label,
    number,
    of,
    format,
  }: Pick<PublicQuestion, 'label' | 'number' | 'of' | 'format'>): string => {
    if (label || number === null) return label;
    return of === null
      ? t('common.questionNumber', { n: number })
      : t(ownKey(`formats.${format}.placeOf`, 'common.questionOf'), { n: number, of });
  };
}
