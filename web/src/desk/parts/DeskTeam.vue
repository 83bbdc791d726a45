<script setup lang="ts">
import type { TeamView } from '@distaff/core/sitting';
import { mdiPencilPlusOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import { useDesk } from '../useDesk.ts';
import TeamBoosts from './TeamBoosts.vue';
import DeskPlayers from './DeskPlayers.vue';

/** One team at the desk: score and place, award and take away, its players. */
const { team, number } = defineProps<{ team: TeamView; number: number }>();
const { t } = useI18n();
const { points, change, place } = useFormat();
const desk = useDesk();
/** So many teams have a digit of their own. */
const DIGITS = 9;

/** Turns are told where the floor is the team's in turn, or a team chooses what is played. */
const turns = computed(() => {
  const { rules } = desk.view;
  return rules?.asks === 'together' && (rules.floor === 'turn' || rules.chosen);
});
const onFloor = computed(
  () => desk.view.phase === 'round' && team.id === desk.floor && (desk.question !== null || turns.value),
);
const everyone = computed(() => desk.question?.mode === 'everyone');
const rulable = computed(() => desk.canRule && (team.id === desk.floor || everyone.value));
/** Among many teams only the one that matters takes the room for its buttons. */
const acts = computed(
  () => desk.view.phase === 'round' && (!desk.manyTeams || desk.picked === team.id || onFloor.value),
);
const mayAdjust = computed(
  () => desk.view.phase === 'closed' || (desk.canRule && (onFloor.value || everyone.value)),
);

const hasBoosts = computed(
  () =>
    (desk.view.private.boosts.held[team.id] ?? []).length > 0 ||
    desk.view.running.some((one) => one.team === team.id),
);
/** Before anything was won everybody would be first: that tells nothing. */
const placed = computed(() => desk.view.teams.some((one) => one.score !== 0 || one.place !== 1));

/** What the minus would do, in words: a ruling on the floor, or a change by hand. */
const minusWord = computed(() => {
  const worth = desk.question?.points ?? 0;
  if (!rulable.value) return t('desk.takeAway');
  const { penalty } = desk.view.private;
  const cost = penalty === 'full' ? worth : Math.round((worth * (desk.view.rules?.penaltyShare ?? 0)) / 100);
  return penalty === 'none' || worth === 0
    ? t('desk.wrongFree')
    : t('desk.wrongFor', { amount: change(-cost) });
});
const plusWord = computed(() =>
  !desk.canRule
    ? t('desk.award')
    : desk.question!.points === 0
      ? t('desk.rightFree')
      : t('desk.rightFor', { amount: change(desk.question!.points) }),
);
</script>

<template>
  <section class="team" :class="{ picked: desk.picked === team.id, floor: onFloor }">
    <i class="weave" :style="weaveBackground(team.weave)" />
    <div class="head">
      <button
        type="button"
        class="pick"
        :aria-pressed="desk.picked === team.id"
        :title="number <= DIGITS ? t('desk.pickTeam', { n: number }) : undefined"
        @click="desk.pick(team.id)"
      >
        <span v-if="number <= DIGITS" class="mono digit">{{ number }}</span>
        <b class="clip">{{ team.name }}</b>
        <span v-if="onFloor" class="state">{{ t(desk.question ? 'desk.hasFloor' : 'desk.hasTurn') }}</span>
      </button>
      <span v-if="placed" class="muted">{{ place(team.place) }}</span>
      <b class="mono score">{{ points(team.score) }}</b>
      <v-btn
        v-if="mayAdjust"
        size="x-small"
        variant="text"
        :icon="mdiPencilPlusOutline"
        :aria-label="t('desk.adjustTitle', { team: team.name })"
        :title="t('desk.adjust')"
        @click="desk.adjusting = { team: team.id, amount: 0 }"
      />
    </div>
    <div v-if="acts" class="acts">
      <v-btn
        size="small"
        variant="outlined"
        :aria-label="`${plusWord} – ${team.name}`"
        @click="desk.award(team.id)"
        >{{ plusWord }}</v-btn
      >
      <v-btn
        size="small"
        variant="outlined"
        :aria-label="`${minusWord} – ${team.name}`"
        @click="desk.takeAway(team.id)"
        >{{ minusWord }}</v-btn
      >
      <v-btn
        v-if="turns && !desk.question && team.id !== desk.view.turn"
        size="small"
        variant="text"
        @click="desk.ask({ type: 'giveTurn', team: team.id })"
      >
        {{ t('desk.giveTurn') }}
      </v-btn>
    </div>
    <TeamBoosts v-if="acts && (desk.picked === team.id || hasBoosts)" :team="team" />
    <div class="players"><DeskPlayers :team="team.id" /></div>
  </section>
</template>

<style scoped>
.team {
  flex: none;
  display: grid;
  grid-template-columns: 36px minmax(0, 1fr);
  column-gap: 10px;
  border: 1px solid var(--line);
  border-radius: 6px;
  background: var(--paper);
  overflow: hidden;
}
.team > * {
  grid-column: 2;
}
.team > .weave {
  grid-area: 1 / 1 / span 3;
}
.team.floor {
  border: 2px solid var(--moss);
}
.team.picked {
  outline: 3px solid var(--weld);
  outline-offset: -3px;
}
.head {
  display: flex;
  align-items: center;
  gap: 10px;
  padding-right: 10px;
}
.pick {
  flex: 1;
  min-width: 0;
  min-height: 34px;
  display: flex;
  align-items: center;
  gap: 8px;
  text-align: left;
  cursor: pointer;
}
.digit {
  color: var(--stone);
}
.score {
  min-width: 4ch;
  text-align: right;
  font-size: 18px;
}
.state {
  padding: 1px 8px;
  border-radius: 4px;
  background: var(--moss);
  color: #fff;
  font-size: 13px;
  font-weight: 700;
  white-space: nowrap;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 0 8px 6px 0;
}
.players:not(:empty) {
  padding: 0 8px 6px 0;
}
</style>
