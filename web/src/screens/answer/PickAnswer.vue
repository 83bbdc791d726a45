<script setup lang="ts">
import type { OptionView } from '@distaff/core/question';
import { mdiCheckBold } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterAt } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';

/** Options as tall bars: one of them, or any number of them. */
const {
  options,
  out,
  several,
  disabled,
  letters,
  given = [],
  outWord = '',
} = defineProps<{
  options: readonly OptionView[];
  out: readonly number[];
  several: boolean;
  disabled: boolean;
  /** The places that they have on the stage, where they stand in another order here. */
  letters?: readonly number[] | undefined;
  /** What was chosen and sent before, while it may still be changed. */
  given?: readonly number[];
  /** What is said of an option that cannot be chosen any more, where it is not that others had it. */
  outWord?: string;
}>();
/** What is sent; null until something is chosen. */
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const picked = ref<number[]>([...given]);
const has = (slot: number) => picked.value.includes(slot);

const bars: (HTMLElement | null)[] = [];
/** Of a group of which one is chosen, one is reached by Tab; arrows lead to the others and choose them. */
const stop = computed(() => picked.value[0] ?? options.findIndex((_, i) => !out.includes(i)));
function walk(event: KeyboardEvent, from: number): void {
  const step = { ArrowDown: 1, ArrowRight: 1, ArrowUp: -1, ArrowLeft: -1 }[event.key];
  if (several || step === undefined) return;
  event.preventDefault();
  for (let i = 1; i <= options.length; i++) {
    const to = (from + step * i + options.length * i) % options.length;
    if (out.includes(to)) continue;
    pick(to);
    return bars[to]?.focus();
  }
}
function pick(slot: number): void {
  if (disabled) return;
  if (!several) picked.value = [slot];
  else if (has(slot)) picked.value = picked.value.filter((one) => one !== slot);
  else picked.value = [...picked.value, slot].sort((a, b) => a - b);
}
const told = computed(() => picked.value.map((slot) => letterAt({ letters }, slot)).join(', '));
watch(
  picked,
  () => {
    const none = picked.value.length === 0;
    wire.value = none ? null : several ? { slots: picked.value } : { slot: picked.value[0] };
    word.value = none
      ? t(several ? 'handset.chooseSeveral' : 'handset.choose')
      : t('handset.sendOption', { letter: told.value });
  },
  { immediate: true },
);
</script>

<template>
  <div
    :role="several ? 'group' : 'radiogroup'"
    :aria-label="t(several ? 'handset.chooseSeveral' : 'handset.choose')"
    class="bars"
  >
    <button
      v-for="(option, i) in options"
      :ref="(element) => (bars[i] = element as HTMLElement | null)"
      :key="i"
      type="button"
      :role="several ? 'checkbox' : 'radio'"
      class="bar"
      :class="{ out: out.includes(i) }"
      :aria-checked="has(i)"
      :aria-disabled="disabled"
      :disabled="out.includes(i)"
      :tabindex="!several && i !== stop ? -1 : undefined"
      @click="pick(i)"
      @keydown="walk($event, i)"
    >
      <span class="eyelet" :class="{ square: several }"
        ><v-icon v-if="several && has(i)" :icon="mdiCheckBold" size="20" /><template v-else>{{
          letterAt({ letters }, i)
        }}</template></span
      >
      <OptionContent class="grow" :option="option" />
      <small v-if="out.includes(i)">{{ outWord || t('handset.tried') }}</small>
    </button>
  </div>
</template>
