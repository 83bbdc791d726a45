<script setup lang="ts">
import { readNumber } from '@distaff/core/text';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/** A decimal number, with point or comma. What is typed stays; only a good number is taken over. */
const model = defineModel<number | null>({ required: true });
const {
  empty = false,
  min = -Infinity,
  aboveZero = false,
  dense = false,
} = defineProps<{ label: string; empty?: boolean; min?: number; aboveZero?: boolean; dense?: boolean }>();
const { t } = useI18n();
const typed = ref(model.value === null ? '' : String(model.value));
const parsed = computed(() => {
  if (typed.value.trim() === '') return empty ? null : undefined;
  const read = readNumber(typed.value);
  const good = read && read.rest === '' && read.value >= min && (!aboveZero || read.value > 0);
  return good ? read.value : undefined;
});
watch(parsed, (value) => {
  if (value !== undefined && value !== model.value) model.value = value;
});
watch(model, (value) => {
  if (value !== parsed.value) typed.value = value === null ? '' : String(value);
});
</script>

<template>
  <v-text-field
    v-model="typed"
    inputmode="decimal"
    maxlength="30"
    :density="dense ? 'compact' : 'default'"
    :hide-details="dense && parsed !== undefined"
    :label="label"
    :error-messages="parsed === undefined ? t('form.decimalWrong') : ''"
  />
</template>
