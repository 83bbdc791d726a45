<script setup lang="ts">
import type { CounterweightView, PublicView } from '@distaff/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import CoverChoice from '../../design/CoverChoice.vue';
import CoverGrid from '../../design/CoverGrid.vue';
import { useWonLines } from '../../design/useWonLines.ts';

/** The covers of a counterweight round, and whose choice it is. */
const { round, view } = defineProps<{
  round: CounterweightView;
  view: PublicView;
  canChoose: boolean;
}>();
const emit = defineEmits<{ lift: [act: object] }>();
const { t } = useI18n();
const wonLines = useWonLines(() => view);
const title = computed(() => {
  const team = view.teams.find((one) => one.id === round.choosing);
  if (team) return t('stage.mayLift', { team: team.name });
  const left = round.covers.filter((cover) => cover.team === null).length;
  return left === 0
    ? (wonLines.value[0] ?? t('stage.allUp'))
    : t('stage.coversLeft', left, { named: { n: left } });
});
</script>

<template>
  <section class="weights">
    <h2>{{ title }}</h2>
    <p>{{ t('stage.closestToZero') }}</p>
    <CoverChoice
      v-if="canChoose && round.choosing"
      class="grid"
      :round="round"
      :teams="view.teams"
      @lift="emit('lift', $event)"
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
