import { mdiCheckBold, mdiCircleHalfFull, mdiCloseThick, mdiMessageOutline, mdiMinusThick } from '@mdi/js';
import { useI18n } from 'vue-i18n';

/** How a verdict is told everywhere: by icon and word, never by colour alone. */
export const verdictIcon = {
  right: mdiCheckBold,
  part: mdiCircleHalfFull,
  wrong: mdiCloseThick,
  given: mdiMessageOutline,
  none: mdiMinusThick,
} as const;
export const verdictWord = {
  right: 'common.right',
  part: 'common.part',
  wrong: 'common.wrong',
  given: 'common.given',
  none: 'common.noAnswer',
} as const;

/** A verdict in words; part marks with the share of the value that they bring. */
export function useVerdict() {
  const { t } = useI18n();
  const told = (verdict: keyof typeof verdictWord, share: number | null): string =>
    verdict === 'part' && share !== null
      ? t('common.partOf', { n: Math.round(share * 100) })
      : t(verdictWord[verdict]);
  return { told };
}
