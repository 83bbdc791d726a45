import type { PublicView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import type { handset } from '../../words/en/handset.ts';

/** What a handset says of whoever holds it: of a team, or of somebody who plays alone. */
export function useOwnWords() {
  const { t } = useI18n();
  return (view: PublicView, key: keyof typeof handset.ofTeam, named: Record<string, string> = {}): string =>
    t(`handset.${view.devices.score === 'players' ? 'alone' : 'ofTeam'}.${key}`, named);
}
