<script setup lang="ts">
import type { TeamView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import StandingBars from '../../design/StandingBars.vue';
import { usePages } from '../../design/usePages.ts';

const { teams, playing, now } = defineProps<{ teams: readonly TeamView[]; playing: number; now: number }>();
const { t } = useI18n();
/** So many lines are still read from the back of a room. */
const LINES = 12;
const { shown, from, to, many } = usePages(
  () => [...teams].sort((a, b) => a.place - b.place),
  LINES,
  () => now,
);
</script>

<template>
  <section class="places">
    <h2>
      {{ t('stage.standings') }}
      <small v-if="many" class="mono">{{ t('stage.pageOf', { from, to, of: playing }) }}</small>
      <small>{{ t('stage.since') }}</small>
    </h2>
    <StandingBars class="bars" :teams="shown" :of="teams" with-change />
  </section>
</template>

<style scoped>
.places {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(2.5 * var(--u));
}
h2 {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  font-size: calc(6 * var(--u));
}
small {
  font: 400 calc(2.4 * var(--u)) var(--text);
  color: var(--dim);
}
.bars {
  flex: 1;
  min-height: 0;
  font-size: calc(3.6 * var(--u));
}
</style>
