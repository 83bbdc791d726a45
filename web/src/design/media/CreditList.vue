<script setup lang="ts">
import type { CreditLine } from '@distaff/core/question';
import { useI18n } from 'vue-i18n';

/** Whom to thank, for what, under which terms. */
defineProps<{ credits: readonly CreditLine[] }>();
const { t } = useI18n();
const by = ({ credit, licence }: CreditLine) => [credit, licence].filter(Boolean).join(' · ');
</script>

<template>
  <ul class="credits">
    <li v-for="(line, i) in credits" :key="i">
      {{ line.what ? t('common.creditFor', { what: line.what, by: by(line) }) : by(line) }}
    </li>
  </ul>
</template>

<style scoped>
.credits {
  list-style: none;
  margin: 0;
  padding: 0;
}
</style>
