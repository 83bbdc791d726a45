<script setup lang="ts">
import { ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/** An answer in own words. */
const {
  most,
  disabled,
  given = '',
} = defineProps<{
  most: number;
  disabled: boolean;
  /** What was sent before, while it may still be changed. */
  given?: string;
}>();
const wire = defineModel<object | null>('wire', { required: true });
const word = defineModel<string>('word', { required: true });
const { t } = useI18n();
const text = ref(given);
watch(
  text,
  () => {
    wire.value = text.value.trim() === '' ? null : { text: text.value };
    word.value = t('handset.send');
  },
  { immediate: true },
);
</script>

<template>
  <v-textarea
    v-model="text"
    :label="t('handset.ownWords')"
    :maxlength="most"
    :counter="most"
    :readonly="disabled"
    rows="3"
    no-resize
    autocomplete="off"
  />
</template>
