import type { RulesView } from '@distaff/core';
import { useI18n } from 'vue-i18n';

/** The rules of a round as sentences, told to players before anything is asked. */
export function useRules() {
  const { t } = useI18n();
  function told(rules: RulesView): string[] {
    const said = [t(`common.rules.floor.${rules.floor}`)];
    if (rules.floor !== 'everyone' && rules.afterWrong !== 'close')
      said.push(
        t(`common.rules.after.${rules.afterWrong}${rules.passShare === 100 ? '' : 'For'}`, {
          n: rules.passShare,
        }),
      );
    if (rules.penalty !== 'none')
      said.push(t(`common.rules.penalty.${rules.penalty}`, { n: rules.penaltyShare }));
    if (rules.speed) {
      const { keep, grace } = rules.speed;
      said.push(t(grace > 0 ? 'common.rules.speedGrace' : 'common.rules.speed', { keep, grace }));
    }
    if (rules.floor === 'everyone')
      said.push(t(rules.change ? 'common.rules.change' : 'common.rules.firstCounts'));
    return said;
  }
  return { told };
}
