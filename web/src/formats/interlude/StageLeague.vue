<script setup lang="ts">
import type { LeagueSnapshot } from '@distaff/core/formats';
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { usePages } from '../../design/usePages.ts';
import { useFormat } from '../../design/useFormat.ts';
import WeaveSwatch from '../../design/WeaveSwatch.vue';

/** The table of a league on the stage: places, what changed last time, points. */
const { table, now } = defineProps<{ table: LeagueSnapshot; now: number }>();
const { t } = useI18n();
const { decimal } = useFormat();
/** So many lines are still read from the back of a room. */
const LINES = 10;
const { shown, from, to, many } = usePages(
  () => table.rows,
  LINES,
  () => now,
);
const size = computed(() => (shown.value.length > 6 ? 'small' : shown.value.length < 6 ? 'large' : ''));
const points = (n: number) => decimal(n, n % 1 === 0 ? 0 : 1);
const change = (n: number | null) => (n === null ? '•' : n === 0 ? '=' : n > 0 ? `▲ ${n}` : `▼ ${-n}`);
</script>

<template>
  <section class="league">
    <h2>
      <span dir="auto">{{ table.title }}</span>
      <small v-if="many" class="mono">{{ t('stage.pageOf', { from, to, of: table.rows.length }) }}</small>
    </h2>
    <ol :class="size">
      <li v-for="row in shown" :key="row.name">
        <b class="place">{{ row.place }}</b>
        <WeaveSwatch class="weave" :weave="row.weave as Weave" />
        <span class="name clip" dir="auto">{{ row.name }}</span>
        <span class="change">{{ change(row.change) }}</span>
        <b class="points">{{ points(row.points) }}</b>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.league {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(2.5 * var(--u));
}
h2 {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: calc(2 * var(--u));
  font-size: calc(6 * var(--u));
}
small {
  font: 400 calc(2.4 * var(--u)) var(--text);
  color: var(--dim);
}
ol {
  flex: 1;
  min-height: 0;
  margin: 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-direction: column;
  justify-content: safe center;
  gap: calc(1.4 * var(--u));
  font-size: calc(5 * var(--u));
}
ol.large {
  gap: calc(2 * var(--u));
  font-size: calc(6.4 * var(--u));
}
ol.small {
  gap: calc(0.8 * var(--u));
  font-size: calc(3.8 * var(--u));
}
li {
  display: grid;
  grid-template-columns: 2em 2.4em minmax(0, 1fr) 3em 4em;
  gap: 0.5em;
  align-items: center;
  line-height: 1.3;
}
.place {
  text-align: end;
}
.weave {
  width: 2em;
  height: 1em;
}
.change {
  color: var(--dim);
  font-size: 0.8em;
}
.points {
  text-align: end;
  font-variant-numeric: tabular-nums;
}
</style>
