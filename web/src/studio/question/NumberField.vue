<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/**
 * A whole number within bounds. What is typed stays as typed; only a good number is taken over, a
 * bad one is said. With `empty` an empty field means null.
 */
const model = defineModel<number | null>({ required: true });
const {
  min,
  max,
  empty = false,
  bare = false,
  problem,
} = defineProps<{
  label: string;
  min: number;
  max: number;
  empty?: boolean;
  bare?: boolean;
  hint?: string;
  problem?: string;
}>();
const { t } = useI18n();
const typed = ref(model.value === null ? '' : String(model.value));
const parsed = computed(() => {
  const text = typed.value.trim().replace('−', '-');
  if (text === '') return empty ? null : undefined;
  const number = Number(text);
  return Number.isInteger(number) && number >= min && number <= max ? number : undefined;
});
watch(typed, () => {
  if (parsed.value !== undefined && parsed.value !== model.value) model.value = parsed.value;
});
watch(model, (value) => {
  if (value !== parsed.value) typed.value = value === null ? '' : String(value);
});
const wrong = computed(() => (parsed.value === undefined ? (problem ?? t('form.numberWrong')) : ''));
</script>

<template>
  <input
    v-if="bare"
    v-model="typed"
    class="bare"
    :class="{ wrong }"
    inputmode="numeric"
    maxlength="8"
    :aria-label="label"
    :aria-invalid="wrong !== ''"
    :title="wrong || label"
  />
  <v-text-field
    v-else
    v-model="typed"
    inputmode="numeric"
    maxlength="8"
    :label="label"
    :hint="hint"
    persistent-hint
    :error-messages="wrong"
  />
</template>

<style scoped>
.bare {
  width: 100%;
  min-height: 30px;
  padding: 2px 4px;
  text-align: center;
  font-weight: 700;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.wrong {
  border: 2px solid var(--madder);
}
</style>
