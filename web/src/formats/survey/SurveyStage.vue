<script setup lang="ts">
import type { SurveyView } from '@distaff/core/formats';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFit } from '../../design/useFit.ts';
import { useRules } from '../../design/useRules.ts';
import { HOUSE } from '../../design/weave/house.ts';
import { weaveBackground } from '../../design/weave/tile.ts';
import type { StagePart } from '../parts.ts';

/** Between two questions of a survey: how far it is, and what people can rely on. */
const { view } = defineProps<StagePart>();
const { t } = useI18n();
const round = computed(() => view.round as SurveyView);
const over = computed(() => round.value.played >= round.value.of);
const progress = computed(() =>
  over.value
    ? t('common.poll.thanks')
    : t('stage.questionNext', { n: round.value.played + 1, of: round.value.of }),
);
const { told } = useRules();
const promises = computed(() => (view.rules ? told(view.rules, view.devices) : []));
const box = ref<HTMLElement | null>(null);
useFit(box, () => view, [1, 0.85, 0.72, 0.6, 0.5]);
</script>

<template>
  <section ref="box" class="between">
    <i class="edge" aria-hidden="true" :style="weaveBackground(HOUSE)" />
    <h2>{{ progress }}</h2>
    <ul v-if="!over">
      <li v-for="one in promises" :key="one">{{ one }}</li>
    </ul>
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
.edge {
  width: calc(34 * var(--u));
  height: calc(5 * var(--u));
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
  font-size: calc(4 * var(--u) * max(var(--fit, 1), 0.6));
  color: var(--dim);
}
</style>
