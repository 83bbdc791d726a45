import type { Round } from '@distaff/core';
import { useI18n } from 'vue-i18n';

/** What people call a round: its title, or what it is. */
export function useRoundName() {
  const { t } = useI18n();
  return (round: Round): string => {
    if (round.title) return round.title;
    if (round.format === 'interlude') return t(`common.interludes.${round.content.what}`);
    return t(`common.formats.${round.format}`);
  };
}
