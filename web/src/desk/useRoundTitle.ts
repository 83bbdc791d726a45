import type { RoundLine } from '@distaff/core';
import { useI18n } from 'vue-i18n';

/** What people call a part of the running order: its title, or what it is. */
export function useRoundTitle() {
  const { t } = useI18n();
  return ({ title, format, what }: RoundLine): string =>
    title || t(what === null ? `common.formats.${format}` : `common.interludes.${what}`);
}
