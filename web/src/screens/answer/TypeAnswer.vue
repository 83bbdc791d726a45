<script setup lang="ts">
import { readNumber } from '@distaff/core/text';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/** A word or a number, typed. A number is looked at while it is typed, so that no try is lost on a slip. */
const {
  number,
  unit,
  disabled,
  given = '',
} = defineProps<{
  number: boolean;
  unit: string;
  disabled: boolean;
  /** What was sent before, while it may still be changed. */
  given?: string;
}>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const text = ref(given);
const read = computed(() => readNumber(text.value));
const odd = computed(() => number && text.value.trim() !== '' && read.value === null);
watch(
  text,
  () => {
    wire.value = text.value.trim() === '' || odd.value ? null : { text: text.value };
    word.value = t('handset.send');
  },
  { immediate: true },
);
</script>

<template>
  <v-text-field
    v-model="text"
    :label="t(number ? 'handset.numberHere' : 'handset.typeHere')"
    :suffix="unit"
    :maxlength="number ? 40 : 120"
    :inputmode="number ? 'decimal' : 'text'"
    :error-messages="odd ? t('handset.notANumber') : ''"
    :readonly="disabled"
    autocomplete="off"
    autocapitalize="off"
    density="comfortable"
  />
</template>
