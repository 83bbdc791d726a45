import type { Remark } from '@distaff/core/review';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';

/** A remark of a review as a sentence. */
export function useRemark() {
  const { t } = useI18n();
  const { date } = useFormat();
  function told({ code, params }: Remark): string {
    switch (code) {
      case 'hardToRead':
        return t(`review.remark.hardToRead.${params.by}`, params);
      case 'tooLongForStage':
        return t(`review.remark.tooLongForStage.${params.step}`);
      case 'stale':
        return t('review.remark.stale', { day: date(String(params.day)) });
      case 'noAlt':
      case 'noCredit':
        return t(`review.remark.${code}`, Number(params.n), { named: params });
      default:
        return t(`review.remark.${code}`, params);
    }
  }
  return { told };
}
