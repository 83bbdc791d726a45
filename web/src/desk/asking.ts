import type { DeskView, HostCommand } from '@distaff/core/sitting';
import { until } from '@vueuse/core';
import { ref, type ComputedRef } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import { useSitting } from '../live/sitting.ts';
import { told } from '../words/told.ts';

/** Changed scores that are told by name; more are told as a number. */
const TOLD = 6;

/** How the desk asks for things, and what it says about what came of them. */
export function asking(view: ComputedRef<DeskView>) {
  const { t } = useI18n();
  const { change } = useFormat();
  const sitting = useSitting();
  const notice = ref('');

  /** @returns whether it was done; a refusal is told. */
  async function ask(command: HostCommand): Promise<boolean> {
    const answer = await sitting.send(command);
    if (!('refused' in answer)) return true;
    if (answer.refused !== 'already' || command.type === 'answerFor') notice.value = told(answer);
    return false;
  }

  /** Asks for something that may change scores long ago, and tells which it changed. */
  async function askAndTell(command: HostCommand): Promise<void> {
    const before = new Map(view.value.teams.map((team) => [team.id, team.score]));
    const { seq } = view.value;
    if (!(await ask(command))) return;
    await until(() => view.value.seq).toMatch((now) => now > seq);
    const changed = view.value.teams
      .map((team) => ({ name: team.name, by: team.score - (before.get(team.id) ?? 0) }))
      .filter(({ by }) => by !== 0);
    if (changed.length > TOLD) notice.value = t('desk.changedMany', { n: changed.length });
    else if (changed.length > 0)
      notice.value = t('desk.changed', {
        list: changed.map(({ name, by }) => `${name} ${change(by)}`).join(', '),
      });
    else notice.value = t('desk.changedNone');
  }

  return { notice, ask, askAndTell };
}
