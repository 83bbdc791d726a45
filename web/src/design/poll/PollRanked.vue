<script setup lang="ts">
import type { OptionView, RankedOutcome } from '@distaff/core/question';
import { useI18n } from 'vue-i18n';
import OptionContent from '../media/OptionContent.vue';
import ClothBar from './ClothBar.vue';

/** In which order people put the options together: the longer the cloth, the higher it was placed by more. */
const {
  outcome,
  options,
  before = null,
} = defineProps<{
  outcome: RankedOutcome;
  options: readonly OptionView[];
  before?: RankedOutcome | null;
}>();
const { t } = useI18n();
const shareIn = ({ of, rows }: RankedOutcome, { points, first }: RankedOutcome['rows'][number]) =>
  points === null ? first / Math.max(1, rows[0]!.first) : points / Math.max(1, of * rows.length);
const then = (option: number) => before?.rows.find((row) => row.option === option);
</script>

<template>
  <ol class="rows" :class="{ many: outcome.rows.length > 5 }">
    <li v-for="row in outcome.rows" :key="row.option">
      <b class="place">{{ row.place }}</b>
      <OptionContent class="label" :option="options[row.option]" size="small" />
      <span class="bars">
        <ClothBar
          v-if="before && then(row.option)"
          class="before"
          :share="shareIn(before, then(row.option)!)"
          earlier
        />
        <ClothBar class="now" :share="shareIn(outcome, row)" />
      </span>
      <span class="first">
        {{ t('common.poll.first') }} <b>{{ row.first }}</b>
      </span>
    </li>
  </ol>
</template>

<style scoped>
.rows {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: auto minmax(0, 28%) minmax(0, 1fr) auto;
  gap: 0.5em 0.9em;
}
li {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: subgrid;
  align-items: center;
}
.place {
  font-family: var(--display);
  font-size: 1.5em;
  color: var(--dim);
}
.label {
  font-weight: 700;
  overflow-wrap: anywhere;
  line-height: 1.15;
}
.bars {
  display: flex;
  flex-direction: column;
  gap: 0.15em;
  min-height: 2.3em;
}
.many .bars {
  min-height: 1.2em;
}
.now {
  flex: 1;
}
.before {
  flex: none;
  height: 0.6em;
}
.first {
  color: var(--dim);
  white-space: nowrap;
}
.first b {
  color: var(--light, inherit);
  font-family: var(--display);
  font-size: 1.2em;
}
</style>
