<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import type { PublicView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import ClimbSlope from './ClimbSlope.vue';
import ClimbTags from './ClimbTags.vue';

/** Under the question: the slope pressed flat, what a miss would leave, and the help that is left. */
const { view } = defineProps<{ view: PublicView }>();
const { t } = useI18n();
const { points } = useFormat();
const round = computed(() => view.round as ClimbView);
const on = computed(() => round.value.on);
const weave = computed(() => view.teams.find((one) => one.id === on.value?.team)?.weave ?? null);
</script>

<template>
  <div v-if="on" class="hem">
    <ClimbSlope
      class="slope"
      :rungs="round.rungs"
      :rests="round.rests"
      :reached="on.reached"
      :weave="weave"
      :current="on.reached + 1"
    />
    <div class="beside">
      <p>{{ t('formats.climb.has', { points: points(on.stop), keep: points(on.miss) }) }}</p>
      <ClimbTags :round="round" />
    </div>
  </div>
</template>

<style scoped>
.hem {
  display: flex;
  align-items: end;
  gap: calc(4 * var(--u));
}
.slope {
  flex: 1.4;
  height: calc(12 * var(--u));
}
.beside {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: calc(3.4 * var(--u));
}
p {
  margin: 0;
  color: var(--dim);
  font-size: calc(2.8 * var(--u));
}
</style>
