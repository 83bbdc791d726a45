<script setup lang="ts">
import { nameOfScale, scaleNames, scales, type MarkRule, type ScaleName } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import LetterScale from './LetterScale.vue';
import { numberIn, numbersIn } from './numberIn.ts';
import RangeScale from './RangeScale.vue';

/** How marks are given: what they come from, the scale, rounding, who was not there. What counts stands in the slot. */
const { rule, group } = defineProps<{ rule: MarkRule; group: string }>();
const emit = defineEmits<{ change: [part: Partial<MarkRule>] }>();
const { t } = useI18n();
const change = (part: Partial<MarkRule>) => emit('change', part);
const choices = <K extends string>(area: string, names: readonly K[]) =>
  names.map((value) => ({ value, title: t(`report.marks.${area}.${value}`) }));
const scale = computed({
  get: (): ScaleName => nameOfScale(rule.scale),
  set: (name) => change(structuredClone(scales[name])),
});
/** Extra credit as people write it: 3, 2, 1. */
const extra = computed({
  get: () => rule.extra.join(', '),
  set: (text: string) => change({ extra: numbersIn(text, 1000, 10) }),
});
const full = computed({
  get: () => rule.full ?? '',
  set: (value: unknown) => {
    const n = numberIn(value);
    if (n === null || n >= 1) change({ full: n });
  },
});
</script>

<template>
  <section class="card form">
    <h2>{{ t('report.marks.how') }}</h2>
    <p class="muted">
      {{ group ? t('report.marks.keptFor', { group }) : t('report.marks.keptForAll') }}
    </p>
    <v-select
      :model-value="rule.from"
      hide-details
      :label="t('report.marks.fromLabel')"
      :items="choices('from', ['share', 'points'])"
      @update:model-value="change({ from: $event })"
    />
    <v-select
      v-if="rule.from === 'share'"
      :model-value="rule.weight"
      hide-details
      :label="t('report.marks.weightLabel')"
      :items="choices('weight', ['equal', 'value'])"
      @update:model-value="change({ weight: $event })"
    />
    <v-text-field
      v-else-if="rule.scale.kind !== 'raw'"
      v-model="full"
      type="number"
      persistent-hint
      :label="t('report.marks.full')"
      :hint="t('report.marks.fullHint')"
    />
    <v-select
      v-model="scale"
      hide-details
      :label="t('report.marks.scaleLabel')"
      :items="choices('scale', scaleNames)"
    />
    <RangeScale v-if="rule.scale.kind === 'range'" :scale="rule.scale" @change="change({ scale: $event })" />
    <LetterScale
      v-if="rule.scale.kind === 'letters'"
      :scale="rule.scale"
      @change="change({ scale: $event })"
    />
    <div v-else class="pair">
      <v-select
        :model-value="rule.digits"
        hide-details
        :label="t('report.marks.digits')"
        :items="[0, 1, 2]"
        @update:model-value="change({ digits: $event })"
      />
      <v-select
        :model-value="rule.rounding"
        hide-details
        :label="t('report.marks.roundingLabel')"
        :items="choices('rounding', ['nearest', 'up', 'down'])"
        @update:model-value="change({ rounding: $event })"
      />
    </div>
    <v-select
      :model-value="rule.absent"
      hide-details
      :label="t('report.marks.absentLabel')"
      :items="choices('absent', ['empty', 'worst'])"
      @update:model-value="change({ absent: $event })"
    />
    <v-text-field
      v-model.lazy="extra"
      persistent-hint
      :label="t('report.marks.extra')"
      :hint="t('report.marks.extraHint')"
    />
    <slot />
  </section>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.form > :deep(*) {
  flex: none;
}
h2,
p {
  margin: 0;
}
.pair {
  display: grid;
  grid-template-columns: 2fr 3fr;
  gap: 12px;
}
</style>
