<script setup lang="ts">
import type { OptionView, SharesOutcome } from '@distaff/core/question';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import OptionContent from '../media/OptionContent.vue';
import { useFormat } from '../useFormat.ts';
import ClothBar from './ClothBar.vue';

/** How many chose each option: a row each, in the order in which they were asked. */
const {
  outcome,
  options,
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
const most = computed(() => Math.max(1, ...outcome.rows.map(({ count }) => count)));
/** Of hands for several it is not known how many people they are: then the longest bar is full. */
const shareOf = ({ count, percent }: SharesOutcome['rows'][number]) =>
  percent === null ? count / most.value : percent / 100;
const told = ({ count, percent }: SharesOutcome['rows'][number]) =>
  percent === null ? String(count) : t('common.percent', { n: percent });
/** By how many points of a hundred a share has changed. */
function changed(i: number): string {
  const [now, then] = [outcome.rows[i]?.percent, before?.rows[i]?.percent];
  return now == null || then == null ? '' : change(now - then);
}
</script>

<template>
  <ol class="rows" :class="{ many: outcome.rows.length > 5 }">
    <li v-for="(row, i) in outcome.rows" :key="i" :class="{ own: own.includes(i) }">
      <OptionContent class="label" :option="options[i]" size="small" />
      <span class="bars">
        <ClothBar v-if="before?.rows[i]" class="before" :share="shareOf(before.rows[i]!)" earlier />
        <ClothBar class="now" :share="shareOf(row)" :count="row.count" />
      </span>
      <span class="figure">
        <b>{{ told(row) }}</b>
        <small v-if="before">{{ changed(i) }}</small>
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
.figure {
  min-width: 3.2em;
  text-align: end;
}
.figure b {
  font-family: var(--display);
  font-size: 1.5em;
  line-height: 1;
}
.figure small {
  display: block;
  color: var(--dim);
}
.own {
  outline: 2px solid var(--light);
  outline-offset: 0.2em;
}
</style>
