<script setup lang="ts">
import { isClear } from '@distaff/core/report';
import type { Progress } from '@distaff/core/term';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';

/** Whether somebody made progress, so said that chance is not taken for it. */
const { of } = defineProps<{ of: Progress | null }>();
const { t } = useI18n();
const says = computed(() => {
  if (!of) return t('groups.tooLittle');
  const n = t('groups.percent', { n: Math.abs(Math.round(of.change * 100)) });
  if (!isClear(of)) return t('groups.chance');
  return t(of.change > 0 ? 'groups.up' : 'groups.down', { n });
});
</script>

<template>
  <b v-if="of && isClear(of)">{{ says }}</b>
  <span v-else class="muted">{{ says }}</span>
</template>
