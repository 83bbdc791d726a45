<script setup lang="ts">
import type { CounterweightView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { StagePart } from '../parts.ts';
import CoverChoice from './CoverChoice.vue';
import CoverGrid from './CoverGrid.vue';
import { useWonLines } from '../../design/useWonLines.ts';

/** The covers of a counterweight round, and whose choice it is. */
const { view } = defineProps<StagePart>();
const emit = defineEmits<{ act: [act: object] }>();
const round = computed(() => view.round as CounterweightView);
const { t } = useI18n();
const wonLines = useWonLines(() => view);
const title = computed(() => {
  const team = view.teams.find((one) => one.id === round.value.choosing);
  if (team) return t('formats.counterweight.mayLift', { team: team.name });
  const left = round.value.covers.filter((cover) => cover.team === null).length;
  return left === 0
    ? (wonLines.value[0] ?? t('formats.counterweight.allUp'))
    : t('formats.counterweight.coversLeft', left, { named: { n: left } });
});
</script>

<template>
  <section class="weights">
    <h2>{{ title }}</h2>
    <p>{{ t('formats.counterweight.closestToZero') }}</p>
    <CoverChoice
      v-if="canChoose && round.choosing"
      class="grid"
      :round="round"
      :teams="view.teams"
      @lift="emit('act', $event)"
    />
    <CoverGrid v-else class="grid" :covers="round.covers" :teams="view.teams" :can-lift="false" />
  </section>
</template>

<style scoped>
.weights {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1.6 * var(--u));
}
h2 {
  overflow-wrap: anywhere;
  font-size: calc(4.6 * var(--u));
}
p {
  margin: 0;
  font-size: calc(2.6 * var(--u));
  color: var(--dim);
}
.grid {
  flex: 1;
  min-height: 0;
  --cover: 0;
  --cover-gap: calc(1.2 * var(--u));
  --cover-text: calc(4.4 * var(--u));
  --cell-ground: var(--panel);
  --cell-edge: var(--edge);
}
</style>
