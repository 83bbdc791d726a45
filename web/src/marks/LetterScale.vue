<script setup lang="ts">
import type { Scale } from '@distaff/core/report';
import { mdiClose, mdiPlus } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { numberIn } from './numberIn.ts';

/** Letters, each from so many percent on. */
type Letters = Extract<Scale, { kind: 'letters' }>;
const { scale } = defineProps<{ scale: Letters }>();
const emit = defineEmits<{ change: [scale: Letters] }>();
const { t } = useI18n();
const MOST = 20;
function setSteps(steps: Letters['steps']): void {
  if (steps.length > 0) emit('change', { kind: 'letters', steps });
}
function setStep(i: number, part: { name?: string; from?: unknown }): void {
  const from = part.from === undefined ? undefined : numberIn(part.from);
  if (from === null || (from !== undefined && (from < 0 || from > 100)) || part.name?.trim() === '') return;
  setSteps(
    scale.steps.map((one, at) =>
      at === i ? { name: part.name?.trim() ?? one.name, from: from ?? one.from } : one,
    ),
  );
}
</script>

<template>
  <div class="letters">
    <div v-for="(step, i) in scale.steps" :key="i" class="step">
      <v-text-field
        :model-value="step.name"
        hide-details
        maxlength="12"
        :label="t('report.marks.letter')"
        @update:model-value="setStep(i, { name: $event })"
      />
      <v-text-field
        :model-value="step.from"
        type="number"
        hide-details
        suffix="%"
        :label="t('report.marks.letterFrom')"
        @update:model-value="setStep(i, { from: $event })"
      />
      <v-btn
        variant="text"
        size="small"
        :icon="mdiClose"
        :disabled="scale.steps.length === 1"
        :aria-label="t('report.marks.removeLetter', { name: step.name })"
        @click="setSteps(scale.steps.filter((_, at) => at !== i))"
      />
    </div>
    <v-btn
      v-if="scale.steps.length < MOST"
      variant="outlined"
      size="small"
      :prepend-icon="mdiPlus"
      @click="setSteps([...scale.steps, { name: '?', from: 0 }])"
      >{{ t('report.marks.addLetter') }}</v-btn
    >
  </div>
</template>

<style scoped>
.letters {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 14px;
}
.step {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 12px;
  align-items: center;
  width: 100%;
}
</style>
