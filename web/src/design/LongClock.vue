<script setup lang="ts">
import { remaining, type Clock } from '@distaff/core/time';
import { mdiPause } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { minutesOf } from './minutes.ts';

/** The clock of a whole round: minutes and seconds that are left, over the thread that runs out. */
const { clock, limit, now } = defineProps<{ clock: Clock; limit: number | null; now: number }>();
const { t } = useI18n();
const left = computed(() => remaining(clock, now));
const held = computed(() => !('deadline' in clock));
const share = computed(() => Math.min(1, left.value / Math.max(1, limit ?? left.value)));
const strain = computed(() => (left.value < 5000 ? 'last' : left.value < 10_000 ? 'short' : 'calm'));
</script>

<template>
  <div class="clock" :class="[strain, { held }]" role="timer">
    <p>
      <v-icon v-if="held" class="pause" :icon="mdiPause" :aria-label="t('common.held')" />
      <span v-else class="what">{{ t('common.timeLeft') }}</span>
      <b>{{ minutesOf(left) }}</b>
    </p>
    <div class="track"><div class="rest" :style="{ width: `${share * 100}%` }" /></div>
  </div>
</template>

<style scoped>
.clock {
  --dye: currentcolor;
  display: flex;
  flex-direction: column;
  gap: 0.3em;
  font-size: calc(3 * var(--u, 6px));
}
.short {
  --dye: var(--clock-short, #8a6500);
}
.last {
  --dye: var(--clock-last, var(--madder));
}
p {
  margin: 0;
  display: flex;
  align-items: baseline;
  justify-content: flex-end;
  gap: 0.5em;
}
.what {
  color: var(--dim, var(--stone));
}
b {
  font-family: var(--display);
  font-size: 2.4em;
  line-height: 0.9;
  font-variant-numeric: tabular-nums;
  color: var(--dye);
}
.track {
  min-width: 9em;
  height: 0.22em;
  background: var(--edge, var(--line));
}
.rest {
  height: 100%;
  background: var(--dye);
  transition: width 200ms linear;
}
.held .rest {
  background: repeating-linear-gradient(90deg, var(--dye) 0 0.5em, transparent 0.5em 0.8em);
}
@media (forced-colors: active) {
  .rest {
    forced-color-adjust: none;
    background: CanvasText;
  }
}
</style>
