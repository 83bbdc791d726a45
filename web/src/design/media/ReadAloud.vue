<script setup lang="ts">
import type { PublicQuestion } from '@distaff/core/sitting';
import { mdiAccountVoice, mdiStop } from '@mdi/js';
import { computed, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { spokenText, useReading } from './useReading.ts';

/** Offers to read a question out, for those who do not read yet. */
const { question } = defineProps<{ question: PublicQuestion }>();
const { t, locale } = useI18n();
const language = computed(() => question.readAloud?.language || locale.value);
const { supported, reading, read, stop } = useReading(language);
watch(() => [question.ref, question.step], stop);
</script>

<template>
  <button
    v-if="question.readAloud && supported"
    type="button"
    class="read"
    :aria-pressed="reading"
    @click="reading ? stop() : read(spokenText(question))"
  >
    <v-icon :icon="reading ? mdiStop : mdiAccountVoice" size="1.3em" />
    {{ t(reading ? 'common.stopReading' : 'common.readAloud') }}
  </button>
</template>

<style scoped>
.read {
  display: inline-flex;
  align-items: center;
  gap: 0.4em;
  align-self: flex-start;
  min-height: 48px;
  padding: 0.3em 0.9em;
  font: inherit;
  font-weight: 700;
  border: 2px solid currentcolor;
  border-radius: 8px;
  cursor: pointer;
}
</style>
