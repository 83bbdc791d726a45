<script setup lang="ts">
import type { Clock } from '@distaff/core/time';
import ClockThread from './ClockThread.vue';
import LongClock from './LongClock.vue';

interface Timed {
  clock: Clock | null;
  limit: number | null;
}
/** The foot of a phone: the clock of the question, one line that says what goes on, the clock of the round. */
const {
  line,
  question = null,
  round = null,
} = defineProps<{
  line: string;
  /** What is answered against the clock now; null where nothing is. */
  question?: Timed | null;
  round?: Timed | null;
  offline: boolean;
  now: number;
}>();
</script>

<template>
  <footer :class="{ offline }">
    <ClockThread v-if="question" class="clock" :clock="question.clock" :limit="question.limit" :now="now" />
    <div class="foot">
      <p role="status">{{ line }}</p>
      <LongClock v-if="round?.clock" class="long" :clock="round.clock" :limit="round.limit" :now="now" />
      <slot v-else />
    </div>
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
