<script setup lang="ts">
import { nameOfScale, scaleNames, scales, type Scale, type ScaleName } from '@distaff/core/report';
import { mdiClose, mdiPlus } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useMarks } from './marks.ts';
import { useResults } from './results.ts';

/** How marks are given: what they come from, the scale, rounding, what counts, who was not there. */
const { t } = useI18n();
const results = useResults();
const marks = useMarks();
const rule = computed(() => marks.rule);
const items = computed(() => results.data!.report.items);
const choices = <K extends string>(area: string, names: readonly K[]) =>
  names.map((value) => ({ value, title: t(`report.marks.${area}.${value}`) }));
const scale = computed({
  get: (): ScaleName => nameOfScale(rule.value.scale),
  set: (name) => marks.change(structuredClone(scales[name])),
});
const range = computed(() => (rule.value.scale.kind === 'range' ? rule.value.scale : null));
const letters = computed(() => (rule.value.scale.kind === 'letters' ? rule.value.scale : null));
/** A number that a field holds; null while it holds none. */
const numberIn = (value: unknown): number | null => {
  const n = Number(value);
  return value === '' || value === null || !Number.isFinite(n) ? null : n;
};
function changeRange(part: Partial<Extract<Scale, { kind: 'range' }>>): void {
  if (range.value) marks.change({ scale: { ...range.value, ...part } });
}
function setNumber(key: 'worst' | 'best', value: unknown): void {
  const n = numberIn(value);
  if (n !== null) changeRange({ [key]: n });
}
function setPass(key: 'mark' | 'percent', value: unknown): void {
  const n = numberIn(value);
  const pass = range.value?.pass;
  if (pass && n !== null && (key === 'mark' || (n >= 0 && n <= 100)))
    changeRange({ pass: { ...pass, [key]: n } });
}
const togglePass = (on: boolean | null) =>
  changeRange({
    pass: on && range.value ? { mark: (range.value.worst + range.value.best) / 2, percent: 50 } : null,
  });
function setSteps(steps: { name: string; from: number }[]): void {
  if (steps.length > 0) marks.change({ scale: { kind: 'letters', steps } });
}
function setStep(i: number, part: { name?: string; from?: unknown }): void {
  const from = part.from === undefined ? undefined : numberIn(part.from);
  if (from === null || (from !== undefined && (from < 0 || from > 100)) || part.name?.trim() === '') return;
  setSteps(
    letters.value!.steps.map((one, at) =>
      at === i ? { name: part.name?.trim() ?? one.name, from: from ?? one.from } : one,
    ),
  );
}
/** Extra credit as people write it: 3, 2, 1. */
const extra = computed({
  get: () => rule.value.extra.join(', '),
  set: (text: string) => {
    const numbers = text
      .split(/[^\d.]+/)
      .filter(Boolean)
      .map(Number)
      .filter((n) => Number.isFinite(n) && n <= 1000);
    marks.change({ extra: numbers.slice(0, 10) });
  },
});
const full = computed({
  get: () => rule.value.full ?? '',
  set: (value: unknown) => {
    const n = numberIn(value);
    if (n === null || n >= 1) marks.change({ full: n });
  },
});
const rounds = computed(() =>
  results
    .data!.report.rounds.map((title, begun) => ({
      title: title || t('report.marks.round', { n: begun + 1 }),
      numbers: items.value.filter((item) => item.begun === begun).map(({ number }) => number),
    }))
    .filter(({ numbers }) => numbers.length > 0),
);
const counts = (numbers: readonly number[]) => numbers.some((n) => !marks.leftOut.includes(n));
const toggleRound = (numbers: readonly number[]) =>
  marks.leaveOut(
    counts(numbers) ? [...marks.leftOut, ...numbers] : marks.leftOut.filter((n) => !numbers.includes(n)),
  );
const leftOut = computed({
  get: () => marks.leftOut,
  set: (numbers: number[]) => marks.leaveOut(numbers),
});
const questions = computed(() =>
  items.value.map(({ number, prompt }) => ({ value: number, title: `${number} · ${prompt}` })),
);
</script>

<template>
  <section class="card form">
    <h2>{{ t('report.marks.how') }}</h2>
    <p class="muted">
      {{ marks.group ? t('report.marks.keptFor', { group: marks.group }) : t('report.marks.keptForAll') }}
    </p>
    <v-select
      :model-value="rule.from"
      hide-details
      :label="t('report.marks.fromLabel')"
      :items="choices('from', ['share', 'points'])"
      @update:model-value="marks.change({ from: $event })"
    />
    <v-select
      v-if="rule.from === 'share'"
      :model-value="rule.weight"
      hide-details
      :label="t('report.marks.weightLabel')"
      :items="choices('weight', ['equal', 'value'])"
      @update:model-value="marks.change({ weight: $event })"
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
    <template v-if="range">
      <div class="pair">
        <v-text-field
          :model-value="range.worst"
          type="number"
          hide-details
          :label="t('report.marks.worst')"
          @update:model-value="setNumber('worst', $event)"
        />
        <v-text-field
          :model-value="range.best"
          type="number"
          hide-details
          :label="t('report.marks.best')"
          @update:model-value="setNumber('best', $event)"
        />
      </div>
      <v-switch
        :model-value="range.pass !== null"
        hide-details
        :label="t('report.marks.pass')"
        @update:model-value="togglePass"
      />
      <div v-if="range.pass" class="pair">
        <v-text-field
          :model-value="range.pass.mark"
          type="number"
          hide-details
          :label="t('report.marks.passMark')"
          @update:model-value="setPass('mark', $event)"
        />
        <v-text-field
          :model-value="range.pass.percent"
          type="number"
          hide-details
          suffix="%"
          :label="t('report.marks.passFrom')"
          @update:model-value="setPass('percent', $event)"
        />
      </div>
    </template>
    <template v-if="letters">
      <div v-for="(step, i) in letters.steps" :key="i" class="step">
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
          :disabled="letters.steps.length === 1"
          :aria-label="t('report.marks.removeLetter', { name: step.name })"
          @click="setSteps(letters!.steps.filter((_, at) => at !== i))"
        />
      </div>
      <v-btn
        v-if="letters.steps.length < 20"
        variant="outlined"
        size="small"
        :prepend-icon="mdiPlus"
        @click="setSteps([...letters!.steps, { name: '?', from: 0 }])"
        >{{ t('report.marks.addLetter') }}</v-btn
      >
    </template>
    <div v-else class="pair">
      <v-select
        :model-value="rule.digits"
        hide-details
        :label="t('report.marks.digits')"
        :items="[0, 1, 2]"
        @update:model-value="marks.change({ digits: $event })"
      />
      <v-select
        :model-value="rule.rounding"
        hide-details
        :label="t('report.marks.roundingLabel')"
        :items="choices('rounding', ['nearest', 'up', 'down'])"
        @update:model-value="marks.change({ rounding: $event })"
      />
    </div>
    <v-select
      :model-value="rule.absent"
      hide-details
      :label="t('report.marks.absentLabel')"
      :items="choices('absent', ['empty', 'worst'])"
      @update:model-value="marks.change({ absent: $event })"
    />
    <v-text-field
      v-model.lazy="extra"
      persistent-hint
      :label="t('report.marks.extra')"
      :hint="t('report.marks.extraHint')"
    />
    <div v-if="rounds.length > 1" class="rounds" role="group" :aria-label="t('report.marks.rounds')">
      <v-checkbox
        v-for="(round, i) in rounds"
        :key="i"
        hide-details
        :model-value="counts(round.numbers)"
        :label="round.title"
        @update:model-value="toggleRound(round.numbers)"
      />
    </div>
    <v-autocomplete
      v-model="leftOut"
      multiple
      chips
      closable-chips
      hide-details
      :label="t('report.marks.leftOut')"
      :items="questions"
    />
  </section>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.form > * {
  flex: none;
}
h2,
p {
  margin: 0;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
.step {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 12px;
  align-items: center;
}
</style>
