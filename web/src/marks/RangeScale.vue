<script setup lang="ts">
import type { Scale } from '@distaff/core/report';
import { useI18n } from 'vue-i18n';
import { numberIn } from './numberIn.ts';

/** Marks between a worst and a best, and from where on one has passed. */
type Range = Extract<Scale, { kind: 'range' }>;
const { scale } = defineProps<{ scale: Range }>();
const emit = defineEmits<{ change: [scale: Range] }>();
const { t } = useI18n();
const change = (part: Partial<Range>) => emit('change', { ...scale, ...part });
function setNumber(key: 'worst' | 'best', value: unknown): void {
  const n = numberIn(value);
  if (n !== null) change({ [key]: n });
}
function setPass(key: 'mark' | 'percent', value: unknown): void {
  const n = numberIn(value);
  if (scale.pass && n !== null && (key === 'mark' || (n >= 0 && n <= 100)))
    change({ pass: { ...scale.pass, [key]: n } });
}
const togglePass = (on: boolean | null) =>
  change({ pass: on ? { mark: (scale.worst + scale.best) / 2, percent: 50 } : null });
const ends = ['worst', 'best'] as const;
</script>

<template>
  <div class="range">
    <div class="pair">
      <v-text-field
        v-for="end in ends"
        :key="end"
        :model-value="scale[end]"
        type="number"
        hide-details
        :label="t(`report.marks.${end}`)"
        @update:model-value="setNumber(end, $event)"
      />
    </div>
    <v-switch
      :model-value="scale.pass !== null"
      hide-details
      :label="t('report.marks.pass')"
      @update:model-value="togglePass"
    />
    <div v-if="scale.pass" class="pair">
      <v-text-field
        :model-value="scale.pass.mark"
        type="number"
        hide-details
        :label="t('report.marks.passMark')"
        @update:model-value="setPass('mark', $event)"
      />
      <v-text-field
        :model-value="scale.pass.percent"
        type="number"
        hide-details
        suffix="%"
        :label="t('report.marks.passFrom')"
        @update:model-value="setPass('percent', $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.range {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
