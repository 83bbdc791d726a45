<script setup lang="ts">
import { wordsOfOption, type OptionView } from '@distaff/core/question';
import { computed, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import { useI18n } from 'vue-i18n';
import { letterAt } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';

/**
 * Match pairs: a right one is dragged beside its left one; or the marked left one takes the right one
 * that is touched, and the next is marked. Touching what is placed sends it back.
 */
const { left, options, letters, disabled } = defineProps<{
  left: readonly OptionView[];
  options: readonly OptionView[];
  /** Which place on the stage each has, where the order here is another. */
  letters?: readonly number[] | undefined;
  disabled: boolean;
}>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
interface Chip {
  slot: number;
}
/** What lies beside each left one: one, or none. The rest lies in the pool. */
const beside = ref<Chip[][]>(left.map(() => []));
const pool = computed<Chip[]>(() => {
  const taken = new Set(beside.value.flat().map((chip) => chip.slot));
  return options.flatMap((_, slot) => (taken.has(slot) ? [] : [{ slot }]));
});
const active = ref(0);
const activeWords = computed(() => {
  const one = left[active.value];
  return one ? wordsOfOption(one) : '';
});
const missing = computed(() => beside.value.filter((chips) => chips.length === 0).length);

function markNext(from: number): void {
  const order = [...left.keys()].map((i) => (from + 1 + i) % left.length);
  active.value = order.find((i) => beside.value[i]!.length === 0) ?? from;
}
/**
 * What lies beside a left one from now on: of several the one that is new. It leaves where it lay,
 * and what lay here goes back to the pool. Copies of a chip are told by their slot.
 */
function lay(row: number, chips: readonly Chip[]): void {
  const old = beside.value[row]![0]?.slot;
  const fresh = chips.find((chip) => chip.slot !== old) ?? chips[0];
  beside.value = beside.value.map((own, i) => {
    if (i === row) return fresh ? [fresh] : [];
    return own.filter((chip) => chip.slot !== fresh?.slot);
  });
  if (fresh) markNext(row);
  else active.value = row;
}

watch(
  beside,
  () => {
    wire.value = missing.value === 0 ? { slots: beside.value.map(([chip]) => chip!.slot) } : null;
    word.value = missing.value === 0 ? t('handset.sendPairs') : t('handset.pairsLeft', { n: missing.value });
  },
  { immediate: true },
);
</script>

<template>
  <div class="match">
    <div role="radiogroup" :aria-label="t('handset.matchLeft')" class="bars">
      <div v-for="(one, i) in left" :key="i" class="pair">
        <button
          type="button"
          role="radio"
          class="bar"
          :aria-checked="active === i"
          :disabled="disabled"
          @click="active = i"
        >
          <OptionContent class="grow" :option="one" />
        </button>
        <VueDraggable
          :model-value="beside[i]!"
          class="place"
          :class="{ full: beside[i]!.length }"
          group="pairs"
          :animation="150"
          :disabled="disabled"
          :delay="120"
          :delay-on-touch-only="true"
          @update:model-value="lay(i, $event)"
        >
          <button
            v-for="{ slot } in beside[i]"
            :key="slot"
            type="button"
            class="bar chip"
            :disabled="disabled"
            :aria-label="t('handset.sendBack', { what: wordsOfOption(options[slot]!) })"
            @click="lay(i, [])"
          >
            <b>{{ letterAt({ letters }, slot) }}</b> <OptionContent class="grow" :option="options[slot]!" />
          </button>
        </VueDraggable>
      </div>
    </div>
    <p v-if="pool.length">{{ t('handset.matchWith', { left: activeWords }) }}</p>
    <VueDraggable
      :model-value="pool"
      role="group"
      :aria-label="t('handset.matchRight')"
      class="bars pool"
      :style="{ '--rows': Math.ceil(options.length / 2) }"
      group="pairs"
      :animation="150"
      :disabled="disabled"
      :delay="120"
      :delay-on-touch-only="true"
    >
      <button
        v-for="{ slot } in pool"
        :key="slot"
        type="button"
        class="bar chip"
        :disabled="disabled"
        @click="lay(active, [{ slot }])"
      >
        <span class="eyelet">{{ letterAt({ letters }, slot) }}</span>
        <OptionContent class="grow" :option="options[slot]!" />
      </button>
    </VueDraggable>
  </div>
</template>

<style scoped>
.match {
  display: flex;
  flex-direction: column;
  gap: 0.6em;
}
p {
  margin: 0;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.4em;
}
.place {
  display: grid;
  min-height: 3em;
  border: 2px dashed var(--edge);
  border-radius: 8px;
}
/* What is dragged lies over what it will replace: nothing moves under the finger. */
.place > * {
  grid-area: 1 / 1;
}
.place.full {
  border-color: transparent;
}
.pool {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-content: start;
  min-height: calc(var(--rows) * 3.55em);
}
.chip {
  font-size: 0.95em;
}
.chip b {
  color: var(--accent);
}
</style>
