<script setup lang="ts">
import type { PublicView } from '@distaff/core/sitting';
import { mdiMenuRight } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** The strip of teams with their scores; whose turn or floor it is carries a mark and a line. */
const { view } = defineProps<{ view: PublicView }>();
const { t } = useI18n();
const { points } = useFormat();
const marked = computed(() => {
  const { question, rules } = view;
  if (question) return question.floor;
  // Whose choice the round waits for is on, though the turn may have moved on already.
  if (view.waitsFor !== null) return view.waitsFor;
  // Where everyone answers and nobody chooses, no turn is told.
  return rules?.floor === 'turn' || rules?.chosen ? view.turn : null;
});
const left = computed(() => view.timer?.turnsLeft ?? null);
/** So many fit; of more the leaders are shown, and how many there are besides. */
const MOST = 12;
const LEADERS = 5;
const shown = computed(() => {
  if (view.teams.length <= MOST) return view.teams;
  const byPlace = [...view.teams].sort((a, b) => a.place - b.place);
  const leaders = byPlace.slice(0, LEADERS);
  const on = byPlace.find((team) => team.id === marked.value);
  return on && !leaders.includes(on) ? [...leaders.slice(0, LEADERS - 1), on] : leaders;
});
</script>

<template>
  <ul class="teams" :style="{ '--n': Math.min(shown.length + 1, view.playing) }">
    <li v-for="team in shown" :key="team.id" :class="{ on: team.id === marked }">
      <WeaveSwatch :weave="team.weave" class="weave" />
      <span class="name clip">{{ team.name }}</span>
      <v-icon v-if="team.id === marked" class="mark" :icon="mdiMenuRight" :aria-label="t('common.turn')" />
      <span
        v-for="one in view.running.filter((boost) => boost.team === team.id)"
        :key="one.boost"
        class="slip"
        >{{ t(`extras.boosts.name.${one.boost}`) }}</span
      >
      <span class="mono score">
        {{ points(team.score) }}
        <small v-if="left">{{
          t('common.turnsLeft', left[team.id] ?? 0, { named: { n: left[team.id] ?? 0 } })
        }}</small>
      </span>
    </li>
    <li v-if="shown.length < view.playing" class="rest">
      {{ t('stage.more', { n: view.playing - shown.length }) }}
    </li>
  </ul>
</template>

<style scoped>
.teams {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(min(var(--n), 6), 1fr);
  gap: calc(1 * var(--u));
}
li {
  display: grid;
  grid-template-columns: auto 1fr auto;
  grid-template-areas: 'weave name mark' 'weave score score';
  align-items: center;
  column-gap: calc(1 * var(--u));
  padding: calc(0.8 * var(--u)) calc(1 * var(--u));
  background: var(--panel);
  border-radius: calc(0.6 * var(--u));
  border-bottom: calc(0.5 * var(--u)) solid transparent;
  min-width: 0;
}
li.on {
  border-bottom-color: var(--accent);
}
@media (forced-colors: active) {
  li:not(.on) {
    border-color: Canvas;
  }
}
.weave {
  grid-area: weave;
  width: calc(4 * var(--u));
  height: calc(5.4 * var(--u));
}
.name {
  grid-area: name;
  font-size: calc(2.7 * var(--u));
  color: var(--dim);
}
.on .name {
  color: var(--light);
  font-weight: 700;
}
.mark {
  grid-area: mark;
  color: var(--accent);
  font-size: calc(3.4 * var(--u));
  transform: rotate(180deg);
}
small {
  font: 400 calc(2.6 * var(--u)) var(--text);
  color: var(--dim);
}
.score {
  grid-area: score;
  font-size: calc(3.3 * var(--u));
  font-weight: 700;
}
.slip {
  grid-column: 2 / -1;
  justify-self: start;
  padding: 0 calc(0.8 * var(--u));
  background: var(--flax, #ede6d4);
  color: #14211d;
  font-size: calc(1.9 * var(--u));
  font-weight: 700;
}
.rest {
  display: flex;
  background: none;
  color: var(--dim);
}
</style>
