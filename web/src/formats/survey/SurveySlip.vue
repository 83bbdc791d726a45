<script setup lang="ts">
import type { Slip } from '@distaff/core/question';
import { mdiClose, mdiPresentation } from '@mdi/js';
import { useI18n } from 'vue-i18n';

/** One answer in own words at the desk: to be marked, shown on the stage, or taken out of its group. */
defineProps<{
  slip: Slip;
  marked: boolean;
  /** Whether it stands on the stage; null where it cannot be shown now. */
  shown: boolean | null;
  grouped: boolean;
}>();
const emit = defineEmits<{ mark: []; show: []; out: [] }>();
const { t } = useI18n();
</script>

<template>
  <div class="slip" :class="{ on: marked }">
    <button type="button" class="text" :aria-pressed="marked" dir="auto" @click="emit('mark')">
      {{ slip.text }}
    </button>
    <b v-if="slip.count > 1" class="mono">{{ slip.count }}</b>
    <v-btn
      v-if="shown !== null"
      size="small"
      variant="text"
      :icon="mdiPresentation"
      :color="shown ? 'primary' : undefined"
      :aria-pressed="shown"
      :aria-label="shown ? t('formats.survey.hideSlip') : t('formats.survey.showSlip', { text: slip.text })"
      @click="emit('show')"
    />
    <v-btn
      v-if="grouped"
      size="small"
      variant="text"
      :icon="mdiClose"
      :aria-label="t('formats.survey.outOf', { text: slip.text })"
      @click="emit('out')"
    />
  </div>
</template>

<style scoped>
.slip {
  display: flex;
  align-items: center;
  gap: 6px;
  padding-inline-start: 8px;
  border: 1px solid var(--line);
  border-radius: 4px;
  background: var(--chalk);
}
.on {
  border: 2px solid var(--moss);
  padding-inline-start: 7px;
}
.text {
  flex: 1;
  min-width: 0;
  min-height: 40px;
  text-align: start;
  font: inherit;
  overflow-wrap: anywhere;
  cursor: pointer;
}
</style>
