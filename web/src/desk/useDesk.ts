import type { DeskResponse, DeskView, HostCommand } from '@distaff/core/sitting';
import type { Verdict } from '@distaff/core/question';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';
import { useSitting } from '../live/sitting.ts';

export type Player = DeskView['private']['seats'][number];

/** More people or teams than this are not told one by one beside the question. */
const CROWD = { players: 60, teams: 12 };

/** Changed scores that are told by name; more are told as a number. */
const TOLD = 6;

/** Steps that follow each other faster than this are one press too many (ms). */
const ONE_PRESS = 300;

/** What the desk itself remembers: which team is picked, which dialog is open; and how it asks for things. */
export const useDesk = defineStore('desk', () => {
  const { t } = useI18n();
  const sitting = useSitting();
  const { change } = useFormat();
  const view = computed(() => sitting.desk as DeskView);
  const picked = ref<string | null>(null);
  const notice = ref('');
  const adjusting = ref<{ team: string; amount: number } | null>(null);
  const dialog = ref<'keys' | 'palette' | 'close' | 'earlier' | 'people' | 'enter' | 'tally' | null>(null);
  /** The player who is being renamed or moved. */
  const person = ref<{ seat: Player; act: 'rename' | 'move' } | null>(null);
  /** The team whose people are shown first. */
  const peopleOf = ref<string | null>(null);
  const ledgerOpen = ref(false);
  let lastStep = 0;

  const manyTeams = computed(() => view.value.teams.length > CROWD.teams);
  const crowded = computed(() => manyTeams.value || view.value.private.seats.length > CROWD.players);
  const playersOf = computed(() => {
    const of = new Map<string, Player[]>();
    for (const seat of view.value.private.seats) {
      const own = of.get(seat.team);
      if (own) own.push(seat);
      else of.set(seat.team, [seat]);
    }
    return of;
  });
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
  /** @returns whether it was done; a refusal is told. */
  async function ask(command: HostCommand): Promise<boolean> {
    const answer = await sitting.send(command);
    if (!('refused' in answer)) return true;
    if (answer.refused !== 'already' || command.type === 'answerFor') notice.value = answer.sentence;
    return false;
  }
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

  /** Asks for something that may change scores long ago, and tells which it changed. */
  async function askAndTell(command: HostCommand): Promise<void> {
    const before = new Map(view.value.teams.map((team) => [team.id, team.score]));
    const { seq } = view.value;
    if (!(await ask(command))) return;
    await new Promise<void>((seen) => {
      const stop = watch(
        () => view.value.seq,
        (now) => {
          if (now <= seq) return;
          queueMicrotask(() => stop());
          seen();
        },
        { immediate: true },
      );
    });
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

  /** Rules on one response, also on one of an earlier question. */
  function ruleOn({ who, team }: DeskResponse, verdict: Verdict, play: number | null): void {
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
  /** A key of the desk is the buzzer of a table. */
  function buzzFor(team: string): void {
    const pressed = sitting.serverNow();
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
