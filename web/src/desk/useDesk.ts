import type { DeskResponse, DeskView, HostCommand, Verdict } from '@distaff/core';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../live/sitting.ts';

/** Steps that follow each other faster than this are one press too many (ms). */
const ONE_PRESS = 300;

/** What the desk itself remembers: which team is picked, which dialog is open; and how it asks for things. */
export const useDesk = defineStore('desk', () => {
  const { t } = useI18n();
  const sitting = useSitting();
  const view = computed(() => sitting.desk as DeskView);
  const picked = ref<string | null>(null);
  const notice = ref('');
  const adjusting = ref<{ team: string; amount: number } | null>(null);
  const dialog = ref<'keys' | 'palette' | 'close' | 'earlier' | null>(null);
  const ledgerOpen = ref(false);
  let lastStep = 0;

  const question = computed(() => view.value.question);
  /** The team on the floor; of a question for everyone, or for the buzzers, nobody is. */
  const floor = computed(() => (question.value ? question.value.floor : view.value.turn || null));
  /** The team that award and take away are for: the picked one, else the one on the floor. */
  const target = computed(() => picked.value ?? floor.value);
  const canRule = computed(() => {
    const step = question.value?.step;
    return Boolean(question.value?.keyed) && step !== 'picked' && step !== 'settled';
  });

  /** Whether a digit stands for the buzzer of a table now. */
  const buzzing = computed(() => {
    const now = question.value;
    if (now?.mode !== 'buzz' || now.floor !== null) return false;
    return now.step === 'posed' || now.step === 'open';
  });
  async function ask(command: HostCommand): Promise<void> {
    const answer = await sitting.send(command);
    if ('refused' in answer && answer.refused !== 'already') notice.value = answer.sentence;
  }

  /** Does the next step; a second press right after the first is the same press. */
  function nextStep(atTheBoard: () => void, atTheEnd: () => void): void {
    const now = performance.now();
    if (now - lastStep < ONE_PRESS || sitting.waiting > 0) return;
    lastStep = now;
    const { command, code } = view.value.private.next;
    if (command) void ask(command);
    else if (code === 'pick') atTheBoard();
    else if (code === 'over') atTheEnd();
  }

  function award(team = target.value): void {
    if (team === null) return void (notice.value = t('desk.pickFirst'));
    if (canRule.value) void ask({ type: 'rule', team, verdict: 'right' });
    else adjusting.value = { team, amount: Math.abs(question.value?.points ?? 100) };
  }

  /** Rules the team on the floor wrong; from any other team points are taken by hand. */
  function takeAway(team = target.value): void {
    if (team === null) return void (notice.value = t('desk.pickFirst'));
    const answered = view.value.private.question?.responses.some((one) => one.team === team);
    if (canRule.value && (team === floor.value || answered || question.value?.mode === 'everyone'))
      void ask({ type: 'rule', team, verdict: 'wrong' });
    else adjusting.value = { team, amount: -Math.abs(question.value?.points ?? 100) };
  }

  /** Rules on one response, also on one of an earlier question. */
  function ruleOn({ who, team }: DeskResponse, verdict: Verdict, play: number | null): void {
    void ask({
      type: 'rule',
      team,
      verdict,
      ...(verdict === 'part' ? { share: 0.5 } : {}),
      ...(who === team ? {} : { seat: who }),
      ...(play === null ? {} : { play }),
    });
  }
  /** A key of the desk is the buzzer of a table. */
  function buzzFor(team: string): void {
    const pressed = Date.now() + sitting.offset;
    void ask({ type: 'buzzFor', team, play: question.value!.play, pressed });
  }
  /** Hands the question on; on the board the turn. */
  function handOn(): void {
    if (question.value) return void ask({ type: 'handOn' });
    const { teams, turn } = view.value;
    const next = teams[(teams.findIndex((team) => team.id === turn) + 1) % teams.length];
    if (next) void ask({ type: 'giveTurn', team: next.id });
  }

  function toggleClock(): void {
    const clock = view.value.private.question?.clock;
    if (clock) void ask({ type: 'clock', act: 'deadline' in clock ? 'hold' : 'run' });
  }

  const toggleStandings = () => void ask({ type: 'showStandings', on: !view.value.standings });
  const pick = (team: string) => (picked.value = picked.value === team ? null : team);

  return {
    view,
    question,
    floor,
    target,
    picked,
    notice,
    adjusting,
    dialog,
    ledgerOpen,
    canRule,
    buzzing,
    ruleOn,
    buzzFor,
    ask,
    nextStep,
    award,
    takeAway,
    handOn,
    toggleClock,
    toggleStandings,
    pick,
  };
});
