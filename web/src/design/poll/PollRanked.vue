<script setup lang="ts">
import type { OptionView, RankedOutcome } from '@distaff/core/question';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import PollRows, { type PollRow } from './PollRows.vue';

/** In which order people put the options together: the longer the cloth, the higher it was placed by more. */
const { outcome, before = null } = defineProps<{
  outcome: RankedOutcome;
  options: readonly OptionView[];
  before?: RankedOutcome | null;
}>();
const { t } = useI18n();
type Row = RankedOutcome['rows'][number];
const shareIn = ({ of, rows }: RankedOutcome, { points, first }: Row) =>
  points === null ? first / Math.max(1, rows[0]!.first) : points / Math.max(1, of * rows.length);
const rows = computed(() =>
  outcome.rows.map((row): PollRow => {
    const then = before?.rows.find(({ option }) => option === row.option);
    return {
      option: row.option,
      place: row.place,
      share: shareIn(outcome, row),
      lengths: 0,
      before: before && then ? shareIn(before, then) : null,
      label: t('common.poll.first'),
      figure: String(row.first),
      change: '',
      own: false,
    };
  }),
);
</script>

<template>
  <PollRows :rows="rows" :options="options" />
</template>
