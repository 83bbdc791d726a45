<script setup lang="ts">
import type { TeamView } from '@distaff/core';
import { useI18n } from 'vue-i18n';
import StandingBars from '../../design/StandingBars.vue';

defineProps<{ teams: readonly TeamView[] }>();
const { t } = useI18n();
</script>

<template>
  <section class="standings">
    <h2>
      {{ t('stage.standings') }} <small>{{ t('stage.since') }}</small>
    </h2>
    <StandingBars class="bars" :teams="teams" with-change />
  </section>
</template>

<style scoped>
.standings {
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
