import type { DeskResponse, DeskView } from '@distaff/core/sitting';
import type { Verdict } from '@distaff/core/question';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useSitting } from '../live/sitting.ts';
import { asking } from './asking.ts';
import { crowd, type Player } from './crowd.ts';

export type { Player } from './crowd.ts';

/** Steps that follow each other faster than this are one press too many (ms). */
const ONE_PRESS = 300;

/** What the desk itself remembers: which team is picked, which dialog is open; and how it asks for things. */
export const useDesk = defineStore('desk', () => {
  const { t } = useI18n();
  const sitting = useSitting();
  const view = computed(() => sitting.desk as DeskView);
  const picked = ref<string | null>(null);
  const { notice, ask, askAndTell } = asking(view);
  const adjusting = ref<{ team: string; amount: number } | null>(null);
  const dialog = ref<'keys' | 'palette' | 'close' | 'earlier' | 'people' | 'enter' | 'tally' | 'gear' | null>(
    null,
  );
  /** The player who is being renamed or moved. */
  const person = ref<{ seat: Player; act: 'rename' | 'move' } | null>(null);
  /** The team whose people are shown first. */
  const peopleOf = ref<string | null>(null);
  const ledgerOpen = ref(false);
  let lastStep = -Infinity;

  const { manyTeams, crowded, playersOf } = crowd(view);
  function showPeople(team: string | null = null): void {
    peopleOf.value = team;
    dialog.value = 'people';
  }

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
  /** Whether the host may enter an answer for some team. */
  const mayEnter = computed(() => (view.value.private.question?.mayEnter.length ?? 0) > 0);

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
  function ruleOn({ who, team, play: own }: DeskResponse, verdict: Verdict, of: number | null): void {
    // What one was asked alone goes by a number of its own.
    const play = own ?? of;
    const tell = play === null ? ask : askAndTell;
    void tell({
      type: 'rule',
      team,
      verdict,
      ...(verdict === 'part' ? { share: 0.5 } : {}),
      ...(who === team ? {} : { seat: who }),
      ...(play === null ? {} : { play }),
    });
  }
  /** A key of the desk, or a buzzer on the table, is that of a team; `pressed` is when, on the server's clock (ms). */
  function buzzFor(team: string, pressed = sitting.serverNow()): void {
    void ask({ type: 'buzzFor', team, play: question.value!.play, pressed });
  }
  /** Hands the question on; on the board the turn. */
  function handOn(): void {
    if (question.value) return void ask({ type: 'handOn' });
    const { teams, turn } = view.value;
    const next = teams[(teams.findIndex((team) => team.id === turn) + 1) % teams.length];
    if (next) void ask({ type: 'giveTurn', team: next.id });
  }

  /** Holds the clock, or between steps the round that runs by itself; and lets it go on. */
  function toggleClock(): void {
    const { question: own, paceHeld } = view.value.private;
    const { timer } = view.value;
    if (timer?.alone === 'on' || (timer?.clock && !own))
      return void ask({ type: 'clock', act: timer.held ? 'run' : 'hold' });
    const clock = own?.clock;
    if (!clock && paceHeld !== null) return void ask({ type: 'holdPace', on: !paceHeld });
    if (!clock) return void (notice.value = t('desk.nothingRuns'));
    void ask({ type: 'clock', act: 'deadline' in clock ? 'hold' : 'run' });
  }

  /** A code to be read out, that takes a player's seat to another phone. */
  async function showSeatCode({ id, name }: Player): Promise<void> {
    const code = await sitting.seatCode(id);
    notice.value = code === null ? t('common.noConnection') : t('desk.seatCode', { name, code });
  }
  const toggleStandings = () => void ask({ type: 'showStandings', on: !view.value.standings });
  function toggleSound(): void {
    const { muted } = view.value.private;
    if (muted === null) notice.value = t('desk.noSounds');
    else void ask({ type: 'mute', on: !muted });
  }
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
    person,
    peopleOf,
    manyTeams,
    crowded,
    playersOf,
    showPeople,
    showSeatCode,
    ledgerOpen,
    canRule,
    buzzing,
    mayEnter,
    ruleOn,
    buzzFor,
    ask,
    askAndTell,
    nextStep,
    award,
    takeAway,
    handOn,
    toggleClock,
    toggleStandings,
    toggleSound,
    pick,
  };
});
