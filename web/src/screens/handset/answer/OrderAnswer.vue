<script setup lang="ts">
import type { OptionView } from '@distaff/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import OptionContent from '../../../design/media/OptionContent.vue';

/** Put in order by touching one after the other: the first, the second … Touching again takes one out. */
const { options, disabled } = defineProps<{ options: readonly OptionView[]; disabled: boolean }>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const placed = ref<number[]>([]);
const placeOf = (slot: number) => placed.value.indexOf(slot) + 1;
const left = computed(() => options.length - placed.value.length);

function touch(slot: number): void {
  if (placeOf(slot)) placed.value = placed.value.filter((one) => one !== slot);
  else placed.value = [...placed.value, slot];
  // The last one has only one place to go.
  if (left.value === 1 && placeOf(slot))
    placed.value = [...placed.value, options.findIndex((_, i) => !placed.value.includes(i))];
}
watch(
  placed,
  () => {
    wire.value = left.value === 0 ? { slots: placed.value } : null;
    word.value =
      left.value === 0 ? t('handset.sendOrder') : t('handset.orderNext', { n: placed.value.length + 1 });
  },
  { immediate: true },
);
</script>

<template>
  <div>
    <div role="group" :aria-label="t('handset.orderHint')" class="bars">
      <button
        v-for="(option, i) in options"
        :key="i"
        type="button"
        class="bar"
        :aria-pressed="placeOf(i) > 0"
        :disabled="disabled"
        @click="touch(i)"
      >
        <span class="eyelet">{{ placeOf(i) || '' }}</span>
        <OptionContent class="grow" :option="option" />
        <span v-if="placeOf(i)" class="hide">{{ t('handset.isPlace', { n: placeOf(i) }) }}</span>
      </button>
    </div>
    <button v-if="placed.length" type="button" class="again" :disabled="disabled" @click="placed = []">
      {{ t('handset.startAgain') }}
    </button>
  </div>
</template>
