<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFit } from '../../design/useFit.ts';
import type { StagePart } from '../parts.ts';
import TrailLoop from './TrailLoop.vue';
import TrailPage from './TrailPage.vue';
import TrailProgress from './TrailProgress.vue';
import { useTrail } from './useTrail.ts';

/** The loop with its pieces, or a page to learn from; below it how far everybody is. */
const { view, canChoose } = defineProps<StagePart>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const { round, title, stake, goal, nameOf, over } = useTrail(() => view);
const page = computed(() =>
  round.value.page === null ? null : (round.value.pages[round.value.page] ?? null),
);
const mayRoll = computed(() => canChoose && !round.value.rolled && !over.value);
const box = ref<HTMLElement | null>(null);
useFit(box, () => [view.seq, page.value?.id], [1, 0.85, 0.72, 0.6, 0.5, 0.42]);
</script>

<template>
  <section v-if="page" ref="box" class="reading">
    <p class="count">{{ t('formats.trail.pageOf', { n: round.page! + 1, of: round.pages.length }) }}</p>
    <TrailPage :page="page" />
  </section>
  <section v-else class="trail">
    <h2>{{ title }}</h2>
    <div class="picture" role="img" :aria-label="title">
      <TrailLoop :round="round" :teams="view.teams" :turn="view.turn" />
      <div class="middle">
        <b class="clip">{{ nameOf(round.reached ?? round.rolled?.team ?? view.turn) }}</b>
        <p v-if="round.rolled">{{ stake }}</p>
        <p v-else>{{ goal }}</p>
        <v-btn
          v-if="mayRoll"
          class="roll"
          color="primary"
          size="large"
          @click="emit('act', { do: 'roll' })"
          >{{ t('formats.trail.roll') }}</v-btn
        >
      </div>
    </div>
    <TrailProgress :round="round" :teams="view.teams" :turn="view.turn" />
  </section>
</template>

<style scoped>
.trail,
.reading {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1 * var(--u));
}
h2 {
  font-size: calc(5.4 * var(--u));
  line-height: 1.1;
  overflow-wrap: anywhere;
}
.picture {
  flex: 1;
  min-height: 0;
  position: relative;
}
.middle {
  position: absolute;
  inset: 28% 34%;
  display: flex;
  flex-direction: column;
  align-items: center;
  justify-content: center;
  text-align: center;
  gap: calc(1 * var(--u));
}
.middle b {
  max-width: 100%;
  font-family: var(--display);
  font-size: calc(5.4 * var(--u));
}
.middle p {
  margin: 0;
  font-size: calc(3.2 * var(--u));
  color: var(--dim);
}
.reading {
  overflow: hidden;
  justify-content: safe center;
  font-size: calc(4.4 * var(--u) * var(--fit, 1));
}
.reading :deep(h2) {
  font-size: calc(7 * var(--u) * var(--fit, 1));
}
.count {
  margin: 0;
  color: var(--dim);
  font-size: calc(3 * var(--u));
}
.roll {
  height: auto;
  padding: 0.5em 1.2em;
  font-size: calc(2.8 * var(--u));
}
</style>
