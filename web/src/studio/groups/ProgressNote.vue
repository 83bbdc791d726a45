<script setup lang="ts">
import type { Progress } from '@distaff/core/term';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** Whether somebody made progress, so said that chance is not taken for it. */
const { of } = defineProps<{ of: Progress | null }>();
const { t } = useI18n();
const says = computed(() => {
  if (!of) return t('groups.tooLittle');
  const n = t('groups.percent', { n: Math.abs(Math.round(of.change * 100)) });
  return of.low > 0 ? t('groups.up', { n }) : of.high < 0 ? t('groups.down', { n }) : t('groups.chance');
});
const isClear = computed(() => of !== null && (of.low > 0 || of.high < 0));
</script>

<template>
  <b v-if="isClear">{{ says }}</b>
  <span v-else class="muted">{{ says }}</span>
</template>
