<script setup lang="ts">
import type { OptionView } from '@distaff/core';
import { mdiCheckBold } from '@mdi/js';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import OptionContent from '../../design/media/OptionContent.vue';

/** Options as tall bars: one of them, or any number of them. */
const { options, out, several, disabled } = defineProps<{
  options: readonly OptionView[];
  out: readonly number[];
  several: boolean;
  disabled: boolean;
}>();
/** What is sent; null until something is chosen. */
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const picked = ref<number[]>([]);
const has = (slot: number) => picked.value.includes(slot);

function pick(slot: number): void {
  if (!several) picked.value = [slot];
  else if (has(slot)) picked.value = picked.value.filter((one) => one !== slot);
  else picked.value = [...picked.value, slot].sort((a, b) => a - b);
}
const letters = computed(() => picked.value.map(letterOf).join(', '));
watch(
  picked,
  () => {
    const none = picked.value.length === 0;
    wire.value = none ? null : several ? { slots: picked.value } : { slot: picked.value[0] };
    word.value = none
      ? t(several ? 'handset.chooseSeveral' : 'handset.choose')
      : t('handset.sendOption', { letter: letters.value });
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
      :key="i"
      type="button"
      :role="several ? 'checkbox' : 'radio'"
      class="bar"
      :class="{ out: out.includes(i) }"
      :aria-checked="has(i)"
      :disabled="out.includes(i) || disabled"
      @click="pick(i)"
    >
      <span class="eyelet" :class="{ square: several }"
        ><v-icon v-if="several && has(i)" :icon="mdiCheckBold" size="20" /><template v-else>{{
          letterOf(i)
        }}</template></span
      >
      <OptionContent class="grow" :option="option" />
      <small v-if="out.includes(i)">{{ t('handset.tried') }}</small>
    </button>
  </div>
</template>
