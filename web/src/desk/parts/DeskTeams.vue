<script setup lang="ts">
import { mdiPencilPlusOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import { useDesk } from '../useDesk.ts';
import DeskPlayers from './DeskPlayers.vue';

/** The teams with award and take away; a digit or a click picks one. */
const { t } = useI18n();
const { points, change, place } = useFormat();
const desk = useDesk();

const onFloor = (team: string) =>
  desk.view.phase === 'round' && team === desk.floor && (desk.question !== null || turns.value);
/** Turns are told where the floor is the team's in turn, or a team chooses what is played. */
const turns = computed(() => desk.view.rules?.floor === 'turn' || desk.view.round?.format === 'board');
/** Whether somebody waits to be put into a team. */
const waiting = computed(() => desk.view.private.seats.some((seat) => seat.team === ''));
const rulable = (team: string) => desk.canRule && (team === desk.floor || desk.question?.mode === 'everyone');

/** What the minus of a team would do, in words: a ruling on the floor, or a change by hand. */
function minusWord(team: string): string {
  const worth = desk.question?.points ?? 0;
  if (!rulable(team)) return t('desk.takeAway');
  const { penalty } = desk.view.private;
  const cost = penalty === 'full' ? worth : Math.round((worth * (desk.view.rules?.penaltyShare ?? 0)) / 100);
  return penalty === 'none' || worth === 0
    ? t('desk.wrongFree')
    : t('desk.wrongFor', { amount: change(-cost) });
}
const plusWord = () =>
  !desk.canRule
    ? t('desk.award')
    : desk.question!.points === 0
      ? t('desk.rightFree')
      : t('desk.rightFor', { amount: change(desk.question!.points) });
</script>

<template>
  <aside class="teams" :aria-label="t('desk.teams')">
    <section v-if="waiting" class="waiting">
      <b>{{ t('desk.noTeam') }}</b>
      <DeskPlayers :team="{ id: '' }" />
    </section>
    <section
      v-for="(team, i) in desk.view.teams"
      :key="team.id"
      class="team"
      :class="{ picked: desk.picked === team.id, floor: onFloor(team.id) }"
    >
      <i class="weave" :style="weaveBackground(team.weave)" />
      <div class="head">
        <button
          type="button"
          class="pick"
          :aria-pressed="desk.picked === team.id"
          :title="i < 9 ? t('desk.pickTeam', { n: i + 1 }) : undefined"
          @click="desk.pick(team.id)"
        >
          <span class="mono digit">{{ i < 9 ? i + 1 : '' }}</span>
          <b class="clip">{{ team.name }}</b>
          <span v-if="onFloor(team.id)" class="state">{{
            t(desk.question ? 'desk.hasFloor' : 'desk.hasTurn')
          }}</span>
        </button>
        <span v-if="desk.view.phase !== 'lobby'" class="muted">{{ place(team.place) }}</span>
        <b class="mono score">{{ points(team.score) }}</b>
        <v-btn
          v-if="
            desk.view.phase === 'closed' ||
            (desk.canRule && (onFloor(team.id) || desk.question?.mode === 'everyone'))
          "
          size="x-small"
          variant="text"
          :icon="mdiPencilPlusOutline"
          :aria-label="t('desk.adjustTitle', { team: team.name })"
          :title="t('desk.adjust')"
          @click="desk.adjusting = { team: team.id, amount: 0 }"
        />
      </div>
      <div v-if="desk.view.phase === 'round'" class="acts">
        <v-btn size="small" variant="outlined" @click="desk.award(team.id)">{{ plusWord() }}</v-btn>
        <v-btn size="small" variant="outlined" @click="desk.takeAway(team.id)">{{
          minusWord(team.id)
        }}</v-btn>
        <v-btn
          v-if="turns && !desk.question && team.id !== desk.view.turn"
          size="small"
          variant="text"
          @click="desk.ask({ type: 'giveTurn', team: team.id })"
        >
          {{ t('desk.giveTurn') }}
        </v-btn>
      </div>
      <DeskPlayers class="players" :team="team" />
    </section>
  </aside>
</template>

<style scoped>
.teams {
  padding: 10px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
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
}
.waiting {
  flex: none;
  padding: 8px 12px;
  border-left: 4px solid var(--weld);
  background: #fbf1d2;
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
.players {
  padding: 0 8px 6px 0;
}
</style>
