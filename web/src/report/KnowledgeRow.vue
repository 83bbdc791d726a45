<script setup lang="ts">
import type { Report } from '@distaff/core/report';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import { signAt } from './signs.ts';

/** What one person or team made of every question, a square for each. */
const {
  report,
  columns,
  row,
  chosen,
  light = false,
} = defineProps<{
  report: Report;
  /** The columns in the order in which they stand. */
  columns: readonly number[];
  row: number;
  chosen: number | null;
  /** Of a thousand rows, drawn as it is scrolled: squares are signs then, and the row as a whole is what keys go through. */
  light?: boolean;
}>();
/** The width of a column as it is drawn. */
const CELL = 16;
const emit = defineEmits<{ choose: [column: number] }>();
const { t } = useI18n();
const knower = computed(() => report.knowers[row]!);
/** All squares of a row as four strokes of a pen: so many elements no browser scrolls smoothly. */
const drawn = computed(() => {
  const paths = { box: '', full: '', half: '', slash: '', dot: '', chosen: '' };
  columns.forEach((column, i) => {
    const x = i * CELL;
    const sign = signAt(report.rows[row]!, column);
    const box = `M${x + 1} 1h${CELL - 2}v14h-${CELL - 2}z`;
    if (sign === 'r') paths.full += box;
    if (sign === 'p' || sign === 'w') paths.box += box;
    if (sign === 'p') paths.half += `M${x + 1} 8h${CELL - 2}v7h-${CELL - 2}z`;
    if (sign === 'w') paths.slash += `M${x + 1} 15L${x + CELL - 1} 1`;
    if (sign === 'n') paths.dot += `M${x + CELL / 2 - 1} 7h2v2h-2z`;
    if (column === chosen) paths.chosen += `M${x} 0h${CELL}v16h-${CELL}z`;
  });
  return paths;
});
function chooseBy(event: MouseEvent): void {
  const { left, width } = (event.currentTarget as Element).getBoundingClientRect();
  const column = columns[Math.floor(((event.clientX - left) / width) * columns.length)];
  if (column !== undefined) emit('choose', column);
}
/** One to the side, from the one that is chosen. */
function step(by: number): void {
  const place = chosen === null ? (by > 0 ? 0 : columns.length - 1) : columns.indexOf(chosen) + by;
  if (columns[place] !== undefined) emit('choose', columns[place]);
}
function saysOf(column: number): string {
  const mark = t(`report.signs.${signAt(report.rows[row]!, column)}`);
  return t('report.cell', { name: knower.value.name, number: report.items[column]!.number, mark });
}
const squares = computed(() =>
  light
    ? []
    : columns.map((column) => ({ column, sign: signAt(report.rows[row]!, column), says: saysOf(column) })),
);
</script>

<template>
  <div class="line">
    <span class="name">
      <WeaveSwatch v-if="knower.weave" :weave="knower.weave" /><span class="clip" dir="auto">{{
        knower.name
      }}</span>
    </span>
    <svg
      v-if="light"
      class="drawn"
      role="slider"
      tabindex="0"
      aria-valuemin="1"
      :aria-valuemax="columns.length"
      :aria-valuenow="chosen === null ? 1 : columns.indexOf(chosen) + 1"
      :aria-valuetext="chosen === null ? '' : saysOf(chosen)"
      :aria-label="knower.name"
      :viewBox="`0 0 ${columns.length * CELL} 16`"
      preserveAspectRatio="none"
      @click="chooseBy"
      @keydown.right.prevent="step(1)"
      @keydown.left.prevent="step(-1)"
    >
      <path class="outline" :d="drawn.box + drawn.slash" />
      <path class="ink" :d="drawn.full + drawn.half" />
      <path class="faint" :d="drawn.dot" />
      <path v-if="drawn.chosen" class="at" :d="drawn.chosen" />
    </svg>
    <span v-else class="squares">
      <button
        v-for="{ column, sign, says } in squares"
        :key="column"
        type="button"
        class="cell"
        :class="[`is-${sign}`, { chosen: chosen === column }]"
        :aria-label="says"
        :aria-pressed="chosen === column"
        @click="emit('choose', column)"
      />
    </span>
    <b class="figure">{{
      knower.share === null ? '' : t('report.percent', { n: Math.round(knower.share * 100) })
    }}</b>
  </div>
</template>
