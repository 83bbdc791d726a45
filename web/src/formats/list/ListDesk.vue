<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DeskPart, ListView } from '../parts.ts';

/** How far the list is. */
const { view } = defineProps<DeskPart>();
const { t } = useI18n();
const title = computed(() => {
  const { played, of } = view.round as ListView;
  return played < of ? t('stage.questionNext', { n: played + 1, of }) : t('stage.allPlayed');
});
</script>

<template>
  <h2>{{ title }}</h2>
</template>
