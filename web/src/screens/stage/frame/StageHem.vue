<script setup lang="ts">
import type { PublicView, TeamView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../../design/useFormat.ts';
import BareThreads from '../../../design/weave/BareThreads.vue';
import { weaveBackground } from '../../../design/weave/tile.ts';
import { onTurn } from './onTurn.ts';

/** The lower edge: a piece of ribbon for each team, with its score; whose turn it is reaches up. */
const { view } = defineProps<{ view: PublicView }>();
const { t } = useI18n();
const { points } = useFormat();
const marked = computed(() => onTurn(view));
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
/** With the key a ribbon is woven for who was right; before, nothing is told by it. */
function isWoven({ id }: TeamView): boolean {
  const { question } = view;
  if (!question?.keyed || !question.key || question.mode !== 'everyone') return true;
  return question.tries.some(
    ({ team, verdict }) => team === id && (verdict === 'right' || verdict === 'part'),
  );
}
</script>

<template>
  <ul class="hem" :style="{ '--n': Math.min(shown.length + 1, view.playing) }">
    <li v-for="team in shown" :key="team.id" :class="{ on: team.id === marked }">
      <BareThreads v-if="!isWoven(team)" class="ribbon" lying />
      <i v-else class="ribbon" :style="weaveBackground(team.weave)" />
      <span class="name clip">{{ team.name }}</span>
      <span class="line">
        <b class="score">{{ points(team.score) }}</b>
        <span v-if="team.id === marked" class="badge">{{ t('common.turn') }}</span>
        <small v-if="left">{{
          t('common.turnsLeft', left[team.id] ?? 0, { named: { n: left[team.id] ?? 0 } })
        }}</small>
        <span
          v-for="one in view.running.filter((boost) => boost.team === team.id)"
          :key="one.boost"
          class="slip"
          >{{ t(`extras.boosts.name.${one.boost}`) }}</span
        >
      </span>
    </li>
    <li v-if="shown.length < view.playing" class="rest">
      {{ t('stage.more', { n: view.playing - shown.length }) }}
    </li>
  </ul>
</template>

<style scoped>
.hem {
  list-style: none;
  margin: 0 calc(-8 * var(--thread)) 0 calc(-6 * var(--thread));
  padding: 0;
  display: grid;
  grid-template-columns: repeat(min(var(--n), 6), 1fr);
  row-gap: calc(1 * var(--thread));
}
li {
  min-width: 0;
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
}
.ribbon {
  flex: none;
  height: calc(4 * var(--thread));
}
.on .ribbon {
  height: calc(6 * var(--thread));
}
.name,
.line,
.rest {
  padding-inline: calc(6 * var(--thread)) calc(1.5 * var(--thread));
}
.name {
  margin-top: calc(0.8 * var(--thread));
  font-size: calc(4.2 * var(--thread));
  line-height: 1.2;
  color: var(--dim);
}
.on .name {
  color: var(--light);
  font-weight: 700;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 calc(1.5 * var(--thread));
}
.score {
  font: 700 calc(5.4 * var(--thread)) / 1.15 var(--display);
  font-variant-numeric: tabular-nums;
}
.badge {
  padding: 0 calc(1.6 * var(--thread));
  border-radius: 9em;
  background: var(--light);
  color: var(--ground);
  font-size: calc(3.2 * var(--thread));
  font-weight: 700;
}
small {
  font-size: calc(3.4 * var(--thread));
  color: var(--dim);
}
.slip {
  padding: 0 calc(1 * var(--thread));
  background: var(--light);
  color: var(--ground);
  font-size: calc(2.7 * var(--thread));
  font-weight: 700;
}
.rest {
  justify-content: center;
  color: var(--dim);
  font-size: calc(4.2 * var(--thread));
}
@media (forced-colors: active) {
  .on {
    border-top: 4px solid CanvasText;
  }
}
</style>
