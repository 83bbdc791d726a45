<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import PollOutcome from '../../design/poll/PollOutcome.vue';
import type { DeskPart } from '../parts.ts';
import SurveyGroups from './SurveyGroups.vue';
import SurveyHands from './SurveyHands.vue';

/** At the desk, while a question of a survey is on: hands, what came out so far, and own words in groups. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ act: [act: object]; ask: [command: object] }>();
const { t } = useI18n();
const question = computed(() => view.question!);
const own = computed(() => view.private.question!);
const poll = computed(() => own.value.poll);
const begun = computed(() => question.value.step !== 'picked' && question.value.step !== 'posed');
const mayCount = computed(
  () => view.devices.mode === 'none' && (question.value.step === 'open' || question.value.step === 'locked'),
);
/** Why nothing is seen yet. */
const hidden = computed(() => {
  const { answered } = own.value.awaited;
  if (!begun.value || poll.value?.outcome || !question.value.poll?.anonymous) return '';
  const few = question.value.step !== 'open' || question.value.poll.shown === 'live';
  return few || answered < 5 ? t('formats.survey.noneYet') : t('formats.survey.hiddenOpen');
});
const words = computed(() => (poll.value?.outcome?.type === 'words' ? poll.value.outcome : null));
</script>

<template>
  <section v-if="poll && begun" class="help">
    <SurveyHands v-if="mayCount" :key="question.play" :view="view" @ask="emit('ask', $event)" />
    <p v-if="question.poll?.anonymous" class="muted">{{ t('formats.survey.noNamesHere') }}</p>
    <p v-if="hidden">{{ hidden }}</p>
    <SurveyGroups
      v-if="words"
      :outcome="words"
      :writers="question.step === 'open' ? {} : poll.writers"
      :on-stage="own.onStage"
      @group="(list, into) => emit('ask', { type: 'group', play: question.play, words: list, into })"
      @show="emit('ask', { type: 'showResponse', who: $event })"
    />
    <PollOutcome
      v-else-if="poll.outcome"
      class="outcome"
      :outcome="poll.outcome"
      :options="own.options"
      :control="own.control"
      :before="question.poll?.before ?? null"
    />
  </section>
</template>

<style scoped>
.help {
  display: flex;
  flex-direction: column;
  gap: 10px;
  padding: 12px 14px;
  background: var(--paper);
  border: 1px solid var(--line);
  border-radius: 6px;
}
.outcome {
  --seam: var(--paper);
  --dim: var(--stone);
  --light: var(--ink);
  --thread: 2px;
}
p {
  margin: 0;
}
</style>
