<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import { mdiCheckBold } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';

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
      <OptionContent class="text" :option="one" />
      <v-icon :icon="mdiCheckBold" size="1em" :aria-label="t('stage.goesWith')" />
      <OptionContent class="text" :option="options[keySlots[i]!]" />
    </li>
  </ol>
  <div v-else class="columns" :class="{ many: options.length > 5 }">
    <ul>
      <li v-for="(one, i) in left" :key="i"><OptionContent class="text" :option="one" /></li>
    </ul>
    <ol>
      <li v-for="(option, slot) in options" :key="slot">
        <span class="eyelet">{{ letterOf(slot) }}</span> <OptionContent class="text" :option="option" />
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
  min-height: calc(2 * var(--size));
  display: flex;
  align-items: center;
  gap: calc(1.6 * var(--u));
  padding: 0 calc(2 * var(--u)) 0 calc(1.2 * var(--u));
  background: var(--panel);
  border: 2px solid var(--edge);
  border-radius: calc(0.8 * var(--u));
  font-size: var(--size);
  line-height: 1.1;
}
li:has(img) {
  --thumb: calc(11 * var(--u) * var(--fit, 1));
}
.eyelet {
  flex: none;
  width: 1.5em;
  height: 1.5em;
  display: grid;
  place-content: center;
  border: 2px solid currentcolor;
  border-radius: 50%;
  font-weight: 700;
  font-size: 0.8em;
}
.text {
  flex: 1;
  min-width: 0;
}
.key {
  background: var(--light);
  border-color: var(--light);
  color: var(--ground);
  font-weight: 700;
}
</style>
