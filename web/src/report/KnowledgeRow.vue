<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import { signAt } from './signs.ts';

/** What one person or team made of every question, a square for each. */
const { report, columns, row, chosen } = defineProps<{
  report: Report;
  /** The columns in the order in which they stand. */
  columns: readonly number[];
  row: number;
  chosen: number | null;
}>();
defineEmits<{ choose: [column: number] }>();
const { t } = useI18n();
const knower = computed(() => report.knowers[row]!);
const squares = computed(() =>
  columns.map((column) => {
    const sign = signAt(report.rows[row]!, column);
    const mark = t(`report.signs.${sign}`);
    const says = t('report.cell', { name: knower.value.name, number: report.items[column]!.number, mark });
    return { column, sign, says };
  }),
);
</script>

<template>
  <div class="line">
    <span class="name">
      <WeaveSwatch v-if="knower.weave" :weave="knower.weave" /><span class="clip" dir="auto">{{
        knower.name
      }}</span>
    </span>
    <span class="squares">
      <button
        v-for="{ column, sign, says } in squares"
        :key="column"
        type="button"
        class="cell"
        :class="[`is-${sign}`, { chosen: chosen === column }]"
        :aria-label="says"
        :aria-pressed="chosen === column"
        @click="$emit('choose', column)"
      />
    </span>
    <b class="figure">{{
      knower.share === null ? '' : t('report.percent', { n: Math.round(knower.share * 100) })
    }}</b>
  </div>
</template>
