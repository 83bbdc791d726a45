<script setup lang="ts">
import type { SeatView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { verdictIcon } from '../../design/verdict.ts';

/** How the question before this one ended, where one goes on at once. */
const { seat } = defineProps<{ seat: SeatView }>();
const { t } = useI18n();
const { change } = useFormat();
const last = computed(() => seat.track?.last ?? null);
</script>

<template>
  <p v-if="last" class="last" :class="last.verdict" role="status">
    <v-icon :icon="verdictIcon[last.verdict]" size="20" />
    {{ t(`handset.last.${last.verdict}`, { amount: change(last.earned) }) }}
  </p>
</template>

<style scoped>
.last {
  margin: 0;
  padding: 6px 12px;
  align-self: flex-start;
  border: 2px solid currentcolor;
  border-radius: 6px;
  font-weight: 700;
}
.wrong,
.none {
  border-style: dashed;
  color: var(--dim);
}
</style>
