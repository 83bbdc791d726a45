import type { FormatName } from '@distaff/core/formats';
import { useI18n } from 'vue-i18n';

/** What people call a part of the running order: its title, or what it is; `what` is its sort, where its format has sorts. */
export function useRoundTitle() {
  const { t } = useI18n();
  return ({ title, format, what }: { title: string; format: FormatName; what: string | null }): string =>
    title || t(what === null ? `formats.${format}.name` : `formats.${format}.sort.${what}`);
}
