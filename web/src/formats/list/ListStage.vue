<script setup lang="ts">
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFit } from '../../design/useFit.ts';
import { useWonLines } from '../../design/useWonLines.ts';
import { useRules } from '../../design/useRules.ts';
import type { ListView, StagePart } from '../parts.ts';

/** Between two questions of a list: how far it is, and how it is played. */
const { view } = defineProps<StagePart>();
const { t } = useI18n();
const { told } = useRules();
const progress = computed(() => {
  const round = view.round as ListView;
  if (round.played < round.of) return t('stage.questionNext', { n: round.played + 1, of: round.of });
  return round.of ? t('stage.allPlayed') : t('stage.noQuestions');
});
const wonLines = useWonLines(() => view);
const over = computed(() => {
  const round = view.round as ListView;
  return round.played >= round.of;
});
const rules = computed(() => (view.rules ? told(view.rules, view.devices) : []));
const box = ref<HTMLElement | null>(null);
useFit(box, () => view, [1, 0.85, 0.72, 0.6, 0.5, 0.42]);
</script>

<template>
  <section ref="box" class="between">
    <h2>{{ wonLines[0] ?? progress }}</h2>
    <ul v-if="!over">
      <li v-for="rule in rules" :key="rule">{{ rule }}</li>
    </ul>
    <slot />
  </section>
</template>

<style scoped>
.between {
  height: 100%;
  display: flex;
  flex-direction: column;
  justify-content: safe center;
  gap: calc(4 * var(--u) * var(--fit, 1));
  overflow: hidden;
}
.between > * {
  flex: none;
}
h2 {
  font-size: calc(9 * var(--u) * var(--fit, 1));
  overflow-wrap: anywhere;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-direction: column;
  gap: calc(1.4 * var(--u) * var(--fit, 1));
  font-size: calc(3.4 * var(--u) * max(var(--fit, 1), 0.6));
  color: var(--dim);
}
</style>
