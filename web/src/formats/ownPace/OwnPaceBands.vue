<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import Shuttle from '../../design/weave/Shuttle.vue';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import type { RankedTeam } from './useRanking.ts';

/** A band a player, as long as what they have; where it grew just now lies the shuttle. */
const { rows, playing, top, goal } = defineProps<{
  rows: readonly RankedTeam[];
  playing: number;
  /** Only the first of them. */
  top: boolean;
  /** What is to be reached, where that is told. */
  goal: number | null;
}>();
const { t } = useI18n();
const { points } = useFormat();
const TOP = 5;
/** So many fit with bands, and without them in three columns; of more the first are told. */
const WITH_BANDS = 24;
const WITHOUT = 48;
const LEADERS = 12;
const shown = computed(() => {
  if (top) return rows.slice(0, TOP);
  return playing > WITHOUT ? rows.slice(0, LEADERS) : rows;
});
const columns = computed(() =>
  shown.value.length <= LEADERS ? 1 : shown.value.length <= WITH_BANDS ? 2 : 3,
);
const perColumn = computed(() => Math.ceil(shown.value.length / columns.value));
const bands = computed(() => columns.value < 3);
const most = computed(() => Math.max(goal ?? 0, 1, ...rows.map(({ balance }) => balance)));
const size = computed(() => (perColumn.value <= 3 ? 'large' : perColumn.value <= 6 ? 'middle' : 'small'));
const more = computed(() => playing - shown.value.length);
</script>

<template>
  <div class="bands" :class="[size, { bare: !bands }]">
    <ol :style="{ '--rows': perColumn, '--columns': columns }">
      <li v-for="row in shown" :key="row.id" :class="{ fresh: row.fresh }">
        <span class="rank">{{ row.rank }}</span>
        <span class="name clip">{{ row.name }}</span>
        <span v-if="bands" class="warp" aria-hidden="true">
          <i
            :style="{
              width: `${(Math.max(0, row.balance) / most) * 100}%`,
              ...weaveBackground(row.weave),
            }"
          />
          <Shuttle v-if="row.fresh" class="shuttle" />
        </span>
        <b>{{ points(row.balance) }}</b>
      </li>
    </ol>
    <p v-if="more > 0">{{ t('formats.ownPace.andMore', { n: more }) }}</p>
  </div>
</template>

<style scoped>
.bands {
  display: flex;
  flex-direction: column;
  gap: calc(1 * var(--u));
  overflow: hidden;
  --row: min(calc(16 * var(--u)), 100% / var(--rows));
}
ol {
  flex: 1;
  min-height: 0;
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-auto-flow: column;
  grid-template-rows: repeat(var(--rows), minmax(0, calc(15 * var(--u))));
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  column-gap: calc(4 * var(--u));
  align-content: start;
}
li {
  display: grid;
  grid-template-columns: 1.9em minmax(0, 1.1fr) minmax(0, 1.5fr) minmax(3.4em, auto);
  align-items: center;
  gap: 0.5em;
  font-size: calc(3.3 * var(--u));
}
.bare li {
  grid-template-columns: 1.9em minmax(0, 1fr) auto;
}
.middle li {
  font-size: calc(4.6 * var(--u));
}
.large li {
  font-size: calc(6 * var(--u));
}
.rank {
  color: var(--dim);
  font-weight: 700;
}
/* Whatever way a name is read, it begins where the column does. */
.name {
  text-align: -webkit-match-parent;
}
.fresh .name {
  font-weight: 700;
}
b {
  font-family: var(--display);
  font-variant-numeric: tabular-nums;
  text-align: end;
}
/* Bare threads: what is not woven yet. */
.warp {
  position: relative;
  display: flex;
  align-items: center;
  height: 100%;
  background: repeating-linear-gradient(
    to bottom,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px calc(1 * var(--u))
  );
}
i {
  flex: none;
  height: 100%;
  transition: width 450ms steps(12);
}
.shuttle {
  flex: none;
  margin-inline-start: calc(-1.5 * var(--u));
  width: calc(7 * var(--u));
}
p {
  margin: 0;
  color: var(--dim);
}
</style>
