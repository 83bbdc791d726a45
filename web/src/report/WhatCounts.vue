<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useMarks } from './marks.ts';
import { useResults } from './results.ts';

/** Which rounds and questions of this game count for marks. */
const { t } = useI18n();
const results = useResults();
const marks = useMarks();
const items = computed(() => results.data!.report.items);
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
</template>
