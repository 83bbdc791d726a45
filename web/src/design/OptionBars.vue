<script setup lang="ts">
import type { OptionView, Weave } from '@distaff/core';
import { mdiCheckBold } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from './letters.ts';
import OptionContent from './media/OptionContent.vue';
import WeaveSwatch from './WeaveSwatch.vue';

/** Options as full-width bars of one colour, a letter in an eyelet at the left. At the key the wrong ones recede. */
const {
  options,
  keySlots,
  ruledOut,
  sequence = null,
  counts = null,
  canChoose = false,
} = defineProps<{
  options: readonly OptionView[];
  keySlots: readonly number[] | null;
  ruledOut: readonly number[];
  /** Slots in the right order, once that is shown: then the bars stand in it, with numbers. */
  sequence?: readonly number[] | null;
  picks: readonly { slot: number; team: { id: string; name: string; weave: Weave } }[];
  /** How many chose each, where they are too many to be named. */
  counts?: readonly { count: number; percent: number }[] | null;
  canChoose?: boolean;
}>();
const emit = defineEmits<{ choose: [slot: number] }>();
const { t } = useI18n();
const slots = computed(() => sequence ?? options.map((_, slot) => slot));
const pictured = computed(() => options.some((option) => option.picture));
const stateOf = (slot: number) => {
  if (sequence) return 'key';
  if (keySlots) return keySlots.includes(slot) ? 'key' : 'gone';
  return ruledOut.includes(slot) ? 'out' : '';
};
</script>

<template>
  <ol class="bars" :class="{ many: options.length > 5, pictured }">
    <li v-for="(slot, i) in slots" :key="slot" :class="stateOf(slot)">
      <button
        v-if="canChoose && stateOf(slot) === ''"
        type="button"
        class="touch"
        :aria-label="t('stage.choose', { letter: letterOf(slot), text: options[slot]?.text ?? '' })"
        @click="emit('choose', slot)"
      />
      <span class="eyelet">{{ sequence ? i + 1 : letterOf(slot) }}</span>
      <OptionContent class="text" :option="options[slot]" size="large" />
      <span v-if="counts?.[slot]" class="count mono"
        >{{ counts[slot]!.count }} · {{ t('common.percent', { n: counts[slot]!.percent }) }}</span
      >
      <span v-for="(pick, p) in picks.filter((one) => one.slot === slot)" :key="p" class="chip">
        <WeaveSwatch :weave="pick.team.weave" /> {{ pick.team.name }}
      </span>
      <span v-if="!sequence && stateOf(slot) === 'key'" class="told"
        ><v-icon :icon="mdiCheckBold" size="1em" /> {{ t('stage.key') }}</span
      >
    </li>
  </ol>
</template>

<style scoped>
.bars {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: calc(1.1 * var(--u));
}
li {
  position: relative;
  flex: 0 1 calc(9.6 * var(--u));
  min-height: 0;
  display: flex;
  align-items: center;
  gap: calc(1.6 * var(--u));
  padding: 0 calc(2 * var(--u)) 0 calc(1.2 * var(--u));
  background: var(--panel);
  border: 2px solid var(--edge);
  border-radius: calc(0.8 * var(--u));
  font-size: calc(3.9 * var(--u));
  line-height: 1.1;
  transition:
    flex-basis 250ms,
    opacity 250ms;
}
.many li {
  font-size: calc(3 * var(--u));
}
/* Pictures need height: two or more bars beside each other. */
.pictured {
  display: grid;
  grid-template-columns: 1fr 1fr;
  grid-auto-rows: minmax(0, 1fr);
  --thumb: calc(20 * var(--u));
}
.pictured.many {
  grid-template-columns: 1fr 1fr 1fr;
  --thumb: calc(11 * var(--u));
}
.pictured li {
  min-height: 0;
  max-height: calc(26 * var(--u));
  padding-block: calc(0.8 * var(--u));
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
  overflow-wrap: anywhere;
}
.key {
  background: var(--light);
  border-color: var(--light);
  color: var(--ground);
  font-weight: 700;
}
.gone {
  flex-basis: calc(5.2 * var(--u));
  font-size: calc(2.8 * var(--u));
  color: var(--dim);
  border-style: dashed;
  background: none;
}
.out {
  color: var(--dim);
  border-style: dashed;
  background: repeating-linear-gradient(135deg, var(--edge) 0 2px, transparent 2px 12px);
}
.out .text {
  text-decoration: line-through;
}
.chip {
  flex: none;
  padding: 0.15em 0.5em;
  border-radius: 0.3em;
  background: #101a17;
  color: #f2f5f1;
  font-size: 0.72em;
  font-weight: 400;
}
.touch {
  position: absolute;
  inset: 0;
  cursor: pointer;
}
.count {
  flex: none;
  font-weight: 700;
}
.told {
  flex: none;
  font-size: 0.8em;
}
</style>
