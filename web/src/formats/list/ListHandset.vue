<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HandsetPart, ListView } from '../parts.ts';

/** How far the list is. */
const { view } = defineProps<HandsetPart>();
const { t } = useI18n();
const title = computed(() => {
  const { played, of } = view.round as ListView;
  if (of === 0) return t('handset.noQuestions');
  return played < of ? t('common.questionOf', { n: played + 1, of }) : t('handset.roundOver');
});
</script>

<template>
  <h1>{{ title }}</h1>
</template>
