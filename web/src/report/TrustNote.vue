<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../design/useFormat.ts';

/** How far the marks of a game can be trusted, said so that nobody has to know the figures. */
const { of } = defineProps<{ of: Report['overview']['reliability'] }>();
const { t } = useI18n();
const { decimal } = useFormat();
const says = computed(() => {
  if (!of) return null;
  const figures = t('report.trustFigures', {
    name: t(of.isKr20 ? 'report.kr20' : 'report.alpha'),
    alpha: decimal(of.alpha, 2),
    people: of.people,
    items: of.items,
    error: Math.round(of.error * 100),
  });
  return { level: t(`report.trustSays.${of.level}`), figures, few: of.isRough };
});
</script>

<template>
  <section class="card">
    <h2>{{ t('report.trust') }}</h2>
    <template v-if="says">
      <p>
        <b>{{ says.level }}</b>
      </p>
      <p class="muted">
        {{ says.figures }} <template v-if="says.few">{{ t('report.trustSmall') }}</template>
      </p>
    </template>
    <p v-else class="muted">{{ t('report.trustFew') }}</p>
  </section>
</template>

<style scoped>
p {
  margin: 0 0 4px;
}
</style>
