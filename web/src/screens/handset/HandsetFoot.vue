<script setup lang="ts">
import type { PublicQuestion, PublicView, SeatView } from '@distaff/core/sitting';
import { computed } from 'vue';
import ClockThread from '../../design/ClockThread.vue';
import LongClock from '../../design/LongClock.vue';
import HandsetLive from './HandsetLive.vue';
import { useLine } from './useLine.ts';

/** The foot of a handset: the clock, what goes on in one line, and the same for a screen reader. */
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
  const advice = question?.advice.find((one) => !one.over);
  return advice?.clock ? advice : question;
});
</script>

<template>
  <footer :class="{ offline: !connected }">
    <ClockThread
      v-if="question?.step === 'open' && running"
      class="clock"
      :clock="running.clock"
      :limit="running.limit"
      :now="now"
    />
    <div class="foot">
      <p role="status">{{ line }}</p>
      <LongClock
        v-if="view.timer?.clock && view.phase === 'round'"
        class="long"
        :clock="view.timer.clock"
        :limit="view.timer.limit"
        :now="now"
      />
    </div>
    <HandsetLive :question="question" :seat="seat" :topic="topic" :now="now" />
  </footer>
</template>

<style scoped>
footer {
  flex: none;
  padding: 10px 16px calc(10px + env(safe-area-inset-bottom));
  background: var(--panel);
  color: var(--dim);
}
p {
  margin: 0;
}
.foot {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
}
.long {
  color: var(--light);
  --u: 5px;
}
.clock {
  color: var(--light);
  font-size: 18px;
}
.offline {
  color: var(--on-accent);
  background: var(--accent);
}
.offline .clock {
  color: inherit;
}
@media (max-height: 420px) {
  footer {
    padding-block: 4px;
  }
}
</style>
