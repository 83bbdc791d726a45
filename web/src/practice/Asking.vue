<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import QuestionMedia from '../design/media/QuestionMedia.vue';
import ReadAloud from '../design/media/ReadAloud.vue';
import RichText from '../design/rich/RichText.vue';
import { handsetHelps } from '../formats/handset.ts';
import AnswerPad from '../screens/answer/AnswerPad.vue';
import { useRun } from './useRun.ts';

/** A question to answer, or a page to read; after a miss with its hint. */
const { t } = useI18n();
const { practice, now, view, seat, question } = useRun();
const card = computed(() => question.value?.kind === 'card');
const help = computed(() => (view.value.round ? handsetHelps[view.value.round.format] : undefined));
/** What did not stand, where it was not one of the options. */
const tried = computed(() =>
  question.value?.control?.type === 'one' ? [] : (seat.value.again?.given.map(({ text }) => text) ?? []),
);
</script>

<template>
  <template v-if="question">
    <p v-if="now.view.topic" class="topic">{{ now.view.topic }}</p>
    <RichText
      v-if="question.prompt"
      class="prompt"
      :lang="question.language || undefined"
      :text="question.prompt"
    />
    <ReadAloud :question="question" />
    <QuestionMedia
      v-if="question.picture || question.sound || question.video"
      class="media"
      :media="question"
      size="small"
    />
    <div v-if="seat.again?.hint" class="hint" role="status">
      <b>{{ t('practice.hintLabel') }}</b>
      <RichText :text="seat.again.hint" />
    </div>
    <p v-for="text in tried" :key="text" class="tried">
      <s>{{ text }}</s> {{ t('practice.wrong') }}
    </p>
    <component
      :is="help"
      v-if="help"
      :view="view"
      :seat="seat"
      @act="practice.send({ type: 'act', act: $event })"
    />
    <v-btn
      v-if="card"
      class="next"
      color="primary"
      size="x-large"
      block
      :aria-disabled="practice.busy"
      @click="practice.send({ type: 'goOn', play: question.play })"
      >{{ t('practice.goOn') }}</v-btn
    >
    <AnswerPad
      v-else-if="question.control && question.control.type !== 'none'"
      :key="`${question.play} ${seat.again?.given.length ?? 0}`"
      :question="question"
      :sending="practice.busy"
      :out-word="t('practice.wrong')"
      @answer="practice.send({ type: 'answer', play: question.play, answer: $event })"
    />
  </template>
</template>

<style scoped>
p {
  margin: 0;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.prompt {
  font-size: 24px;
  font-weight: 700;
  line-height: 1.22;
}
.media {
  flex: none;
}
.media :deep(img) {
  max-height: 26vh;
  width: auto;
}
.hint {
  display: flex;
  flex-direction: column;
  gap: 4px;
  padding: 12px 14px;
  border-inline-start: 4px dashed var(--accent);
  background: var(--panel);
}
.tried {
  color: var(--dim);
}
.next {
  margin-top: auto;
  flex: none;
}
</style>
