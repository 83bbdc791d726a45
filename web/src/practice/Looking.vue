<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import HowItEnded from '../handset/HowItEnded.vue';
import { useReward } from '../design/useReward.ts';
import { marks } from '../design/marks.ts';
import { useRun } from './useRun.ts';

/** How a question ended: right or not, what was right, and why. */
const { t } = useI18n();
const reward = useReward();
const { practice, seat, summary, weave, question, comesAgain } = useRun();
const length = computed(() => summary.value.lengths.at(-1) ?? null);
const verdict = computed(() => seat.value.verdict ?? 'none');
const word = computed(() => {
  const second = length.value?.again === true && verdict.value === 'right';
  return t(`practice.result.${second ? 'second' : verdict.value}`);
});
const said = computed(() =>
  question.value?.key ? reward(question.value.key, verdict.value === 'right', seat.value.earned) : '',
);
const isLast = computed(() => summary.value.lengths.length >= summary.value.of && !comesAgain.value);
</script>

<template>
  <section v-if="question" class="looking">
    <HowItEnded
      :question="question"
      :verdict="verdict"
      :word="word"
      :brought="length ? marks(length.share) : ''"
      :weave="weave"
      :said="said"
      :key-label="t('practice.correctAnswer')"
    />
    <v-btn
      class="next"
      color="primary"
      size="x-large"
      block
      :aria-disabled="practice.busy"
      @click="practice.send({ type: 'goOn', play: question.play })"
      >{{ t(isLast ? 'practice.toEnd' : 'practice.next') }}</v-btn
    >
  </section>
</template>

<style scoped>
.looking {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.next {
  flex: none;
  margin-top: auto;
}
</style>
