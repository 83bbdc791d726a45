import type { Devices, RulesView } from '@distaff/core/show';
import { useI18n } from 'vue-i18n';
import { minutesOf } from './minutes.ts';
import { useFormat } from './useFormat.ts';

/** The rules of a round as sentences, told to players before anything is asked. */
export function useRules() {
  const { t } = useI18n();
  const { points } = useFormat();
  /** Of questions without a key people want to know what becomes of their answers. */
  const promised = (
    { change, roundClock }: RulesView,
    { anonymous, shown }: NonNullable<RulesView['polls']>,
  ): string[] => [
    t(`common.poll.promise.${anonymous ? 'anonymous' : 'named'}`),
    t(`common.poll.when.${shown}`),
    ...(change ? [t('common.rules.change')] : []),
    ...(roundClock === null ? [] : [t('common.rules.roundClock', { time: minutesOf(roundClock * 1000) })]),
  ];
  /** `devices` where it is to be said how the answers of members become their team's. */
  function told(rules: RulesView, devices: Devices | null = null): string[] {
    if (rules.polls) return promised(rules, rules.polls);
    const said = !rules.inTurns
      ? []
      : [t(rules.asks === 'each' ? 'common.rules.floor.each' : `common.rules.floor.${rules.floor}`)];
    if (rules.turnsEach !== null && (rules.floor === 'turn' || rules.chosen))
      said.push(t('common.rules.turnsEach', rules.turnsEach, { named: { n: rules.turnsEach } }));
    if (rules.roundClock !== null)
      said.push(t('common.rules.roundClock', { time: minutesOf(rules.roundClock * 1000) }));
    if (rules.floor !== 'everyone' && rules.afterWrong !== 'close' && rules.inTurns)
      said.push(
        t(`common.rules.after.${rules.afterWrong}${rules.passShare === 100 ? '' : 'For'}`, {
          n: rules.passShare,
        }),
      );
    if (rules.penalty !== 'none' && rules.asks === 'together')
      said.push(t(`common.rules.penalty.${rules.penalty}`, { n: rules.penaltyShare }));
    if (rules.lowest !== null) said.push(t('common.rules.lowest', { n: points(rules.lowest) }));
    if (rules.floor === 'turn' && rules.turns !== 'inOrder')
      said.push(t(`common.rules.turns.${rules.turns}`));
    if (rules.speed) {
      const { keep, grace } = rules.speed;
      said.push(t(grace > 0 ? 'common.rules.speedGrace' : 'common.rules.speed', { keep, grace }));
    }
    if (rules.floor === 'everyone' && rules.asks === 'together')
      said.push(t(rules.change ? 'common.rules.change' : 'common.rules.firstCounts'));
    if (rules.tries > 1) said.push(t('common.rules.tries', { n: rules.retryShare }));
    if (rules.sells) said.push(t('common.rules.sells'));
    if (devices?.mode === 'each' && devices.score === 'teams') {
      if (rules.chosenBy === 'most' && rules.asks === 'together') said.push(t('common.rules.chooseTogether'));
      said.push(
        t(
          rules.asks === 'each'
            ? 'common.rules.membersAdd'
            : rules.floor === 'everyone'
              ? `common.rules.combine.${devices.combine}`
              : 'common.rules.floorAnswers',
        ),
      );
    }
    const { brings } = rules;
    if (brings)
      said.push(
        t(
          brings.what === 'counted'
            ? `formats.${brings.format}.counted`
            : `common.rules.brings.${brings.what}`,
          { n: points(brings.points) },
        ),
      );
    return said;
  }
  return { told };
}
