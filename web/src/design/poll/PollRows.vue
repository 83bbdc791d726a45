<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import OptionContent from '../media/OptionContent.vue';
import ClothBar from './ClothBar.vue';

/** Options as rows of cloth: what came out now, an earlier run above it, and what is told at both ends. */
export interface PollRow {
  option: number;
  /** What stands before the option: its place; null for nothing. */
  place: number | null;
  /** How much of the warp is woven, 0 … 1, in how many lengths; of the earlier run null where there is none. */
  share: number;
  lengths: number;
  before: number | null;
  /** The figure at its end, a word before it, and how it has changed. */
  label: string;
  figure: string;
  change: string;
  /** This phone chose it. */
  own: boolean;
}
const { rows, options } = defineProps<{ rows: readonly PollRow[]; options: readonly OptionView[] }>();
</script>

<template>
  <ol class="rows" :class="{ many: rows.length > 5 }">
    <li v-for="row in rows" :key="row.option" :class="{ own: row.own }">
      <span class="label">
        <b v-if="row.place !== null" class="place">{{ row.place }}</b>
        <OptionContent class="text" :option="options[row.option]" size="small" />
      </span>
      <span class="bars">
        <ClothBar v-if="row.before !== null" class="before" :share="row.before" earlier />
        <ClothBar class="now" :share="row.share" :count="row.lengths" />
      </span>
      <span class="figure">
        {{ row.label }} <b>{{ row.figure }}</b>
        <small v-if="row.change">{{ row.change }}</small>
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
  grid-template-columns: minmax(0, 30%) minmax(0, 1fr) auto;
  gap: 0.55em 0.9em;
}
li {
  display: grid;
  grid-column: 1 / -1;
  grid-template-columns: subgrid;
  align-items: center;
}
.label {
  min-width: 0;
  display: flex;
  align-items: baseline;
  gap: 0.7em;
  font-weight: 700;
  line-height: 1.15;
}
.text {
  min-width: 0;
  flex: 1;
  overflow-wrap: anywhere;
}
.place {
  font-family: var(--display);
  font-size: 1.5em;
  line-height: 1;
  color: var(--dim);
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
.figure {
  min-width: 3.2em;
  text-align: end;
  white-space: nowrap;
  color: var(--dim);
}
.figure b {
  font-family: var(--display);
  font-size: 1.5em;
  line-height: 1;
  color: var(--light);
}
.figure small {
  display: block;
}
.own {
  outline: 2px solid var(--light);
  outline-offset: 0.2em;
}
</style>
