import type { FormatName } from '@distaff/core/formats';
import type { PublicView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import type { handset } from '../../words/en/handset.ts';

/** What a handset says of whoever holds it: of a team, or of somebody who plays alone. */
export function useOwnWords() {
  const { t } = useI18n();
  const who = (view: PublicView) => (view.devices.score === 'players' ? 'alone' : 'ofTeam');
  const own = (view: PublicView, key: keyof typeof handset.ofTeam, named: Record<string, string> = {}) =>
    t(`handset.${who(view)}.${key}`, named);
  /** What a format says so. */
  const ofFormat = (view: PublicView, format: FormatName, key: string) =>
    t(`formats.${format}.${who(view)}.${key}`);
  return { own, ofFormat };
}
