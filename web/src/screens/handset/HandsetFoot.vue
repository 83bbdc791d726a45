<script setup lang="ts">
import type { PublicQuestion, PublicView, SeatView } from '@distaff/core/sitting';
import { computed } from 'vue';
import FootBar from '../../design/FootBar.vue';
import HandsetLive from './HandsetLive.vue';
import { useLine } from './useLine.ts';

/** The foot of a handset: clocks, what goes on in one line, and the same for a screen reader. */
const { view, seat, question, connected } = defineProps<{
  view: PublicView;
  seat: SeatView;
  question: PublicQuestion | null;
  /** What the question is called here. */
  topic: string;
  connected: boolean;
  now: number;
}>();
const line = useLine(() => ({ view, seat, question, connected }));
/** While others are asked for advice it is their clock that runs. */
const running = computed(() => {
  if (question?.step !== 'open') return null;
  return question.advice.find((one) => !one.over && one.clock) ?? question;
});
</script>

<template>
  <div class="end">
    <FootBar
      :line="line"
      :question="running"
      :round="view.phase === 'round' ? view.timer : null"
      :offline="!connected"
      :now="now"
    />
    <HandsetLive :question="question" :seat="seat" :topic="topic" :now="now" />
  </div>
</template>

<style scoped>
.end {
  flex: none;
}
</style>
