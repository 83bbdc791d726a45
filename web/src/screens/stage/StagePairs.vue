<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import { mdiCheckBold } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';
import Paper from '../../design/weave/Paper.vue';
import Tape from './frame/Tape.vue';

/** Two columns to be matched; once the key is shown, each left one with its partner. */
const { left, options, keySlots } = defineProps<{
  left: readonly OptionView[];
  options: readonly OptionView[];
  keySlots: readonly number[] | null;
}>();
const { t } = useI18n();
</script>

<template>
  <ol v-if="keySlots" class="pairs" :class="{ many: left.length > 5 }">
    <li v-for="(one, i) in left" :key="i" class="key">
      <Paper class="row">
        <OptionContent class="text" :option="one" />
        <v-icon :icon="mdiCheckBold" size="1em" :aria-label="t('stage.goesWith')" />
        <OptionContent class="text" :option="options[keySlots[i]!]" />
      </Paper>
    </li>
  </ol>
  <div v-else class="columns" :class="{ many: options.length > 5 }">
    <ul>
      <li v-for="(one, i) in left" :key="i">
        <div class="row panel"><OptionContent class="text" :option="one" /></div>
      </li>
    </ul>
    <ol>
      <li v-for="(option, slot) in options" :key="slot">
        <Tape class="row" :sign="letterOf(slot)"><OptionContent class="text" :option="option" /></Tape>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.pairs,
.columns {
  --size: calc(3.9 * var(--u) * var(--fit, 1));
}
ul,
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: calc(1.1 * var(--u) * var(--fit, 1));
}
.pairs.many,
.columns.many {
  --size: calc(3 * var(--u) * var(--fit, 1));
}
.columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: calc(3 * var(--u));
}
li {
  font-size: var(--size);
  line-height: 1.1;
}
.row {
  box-sizing: border-box;
  height: 100%;
  min-height: calc(2 * var(--size));
  display: flex;
  align-items: center;
  flex-wrap: nowrap;
  gap: calc(1.6 * var(--u));
  padding: 0 calc(2 * var(--u)) 0 calc(4 * var(--thread));
}
.panel {
  background: var(--panel);
}
li:has(img) {
  --thumb: calc(11 * var(--u) * var(--fit, 1));
}
.text {
  flex: 1;
  min-width: 0;
}
.key {
  font-weight: 700;
}
</style>
