import type { Devices, Explained } from '@distaff/core/show';
import { useI18n } from 'vue-i18n';
import { useFormat } from './useFormat.ts';
import { useRules } from './useRules.ts';

/** How a round is played, as sentences written from its settings. */
export function useHowTo() {
  const { t, te } = useI18n();
  const { points } = useFormat();
  const { told } = useRules();
  function sentences({ format, facts, rules, clock }: Explained, devices: Devices | null = null): string[] {
    const shown = Object.fromEntries(
      Object.entries(facts).map(([name, n]) => [
        name,
        ['points', 'low', 'high'].includes(name) ? points(n) : n,
      ]),
    );
    const about = rules.asks === 'nothing' ? [] : [t(`formats.${format}.howTo`, shown)];
    const more = !te(`formats.${format}.howToMore`)
      ? []
      : [t(`formats.${format}.howToMore`, facts.n ?? 0, { named: { n: facts.n ?? 0 } })];
    return [
      ...about,
      ...more,
      ...told(rules, devices),
      ...(clock === null ? [] : [t('common.howTo.clock', { n: clock })]),
    ];
  }
  return { sentences };
}
