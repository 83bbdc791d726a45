<script setup lang="ts">
import type { OptionView, SharesOutcome } from '@distaff/core/question';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../useFormat.ts';
import PollRows, { type PollRow } from './PollRows.vue';

/** How many chose each option, in the order in which they were asked. */
const {
  outcome,
  before = null,
  own = [],
} = defineProps<{
  outcome: SharesOutcome;
  options: readonly OptionView[];
  before?: SharesOutcome | null;
  /** What this phone chose. */
  own?: readonly number[];
}>();
const { t } = useI18n();
const { change } = useFormat();
type Row = SharesOutcome['rows'][number];
const most = computed(() => Math.max(1, ...outcome.rows.map(({ count }) => count)));
/** Of hands for several it is not known how many people they are: then the longest bar is full. */
const shareOf = ({ count, percent }: Row) => (percent === null ? count / most.value : percent / 100);
/** By how many points of a hundred. */
const changed = (now: number | null, then: number | null) =>
  now === null || then === null ? '' : change(now - then);
const rows = computed(() =>
  outcome.rows.map((row, option): PollRow => {
    const then = before?.rows[option] ?? null;
    return {
      option,
      place: null,
      share: shareOf(row),
      lengths: row.count,
      before: then && shareOf(then),
      label: '',
      figure: row.percent === null ? String(row.count) : t('common.percent', { n: row.percent }),
      change: changed(row.percent, then?.percent ?? null),
      own: own.includes(option),
    };
  }),
);
</script>

<template>
  <PollRows :rows="rows" :options="options" />
</template>
