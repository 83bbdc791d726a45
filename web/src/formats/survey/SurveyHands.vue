<script setup lang="ts">
import type { DeskView } from '@distaff/core/sitting';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { letterOf } from '../../design/letters.ts';
import NumberField from '../../studio/question/NumberField.vue';

/** Where nobody has a phone: hands are counted for each answer, and what is called out is written down. */
const { view } = defineProps<{ view: DeskView }>();
const emit = defineEmits<{ ask: [command: object] }>();
const { t } = useI18n();
const question = computed(() => view.question!);
const own = computed(() => view.private.question!);
const control = computed(() => own.value.control);
const places = computed(() =>
  control.value.type === 'scale'
    ? control.value.steps
    : (question.value.options?.length ?? own.value.options.length),
);
const nameOf = (i: number) => (control.value.type === 'scale' ? String(i + control.value.from) : letterOf(i));
const counts = ref<number[]>([]);
const said = ref('');
watch(
  () => question.value.play,
  () => {
    counts.value = own.value.poll?.hands ?? Array.from({ length: places.value }, () => 0);
    said.value = '';
  },
  { immediate: true },
);
function writeDown(): void {
  const text = said.value.trim();
  if (text === '') return;
  emit('ask', { type: 'answerFor', team: '', play: question.value.play, answer: { text } });
  said.value = '';
}
</script>

<template>
  <form v-if="control.type === 'words'" class="row" @submit.prevent="writeDown">
    <v-text-field
      v-model="said"
      :label="t('formats.survey.callOut')"
      maxlength="120"
      hide-details
      autocomplete="off"
    />
    <v-btn type="submit" variant="outlined" :disabled="said.trim() === ''">{{
      t('formats.survey.writeDown')
    }}</v-btn>
  </form>
  <form v-else class="hands" @submit.prevent="emit('ask', { type: 'countHands', counts })">
    <p>{{ t('formats.survey.counts') }}</p>
    <div class="fields">
      <NumberField
        v-for="(_, i) in counts"
        :key="i"
        v-model="counts[i]!"
        :min="0"
        :max="9999"
        :label="nameOf(i)"
      />
    </div>
    <v-btn type="submit" variant="outlined">{{ t('formats.survey.enterCounts') }}</v-btn>
  </form>
</template>

<style scoped>
.row {
  align-items: center;
}
.hands {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 10px;
}
.fields {
  align-self: stretch;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(84px, 1fr));
  gap: 8px;
}
p {
  margin: 0;
}
</style>
