<script setup lang="ts">
import { computed } from 'vue';
import { remaining, type Clock } from '@distaff/core/time';
import { mdiPause } from '@mdi/js';
import { useI18n } from 'vue-i18n';
import Shuttle from './weave/Shuttle.vue';

/** The clock: a thread across the whole width that runs out, its seconds at the end. */
const {
  clock,
  limit,
  now,
  shuttle = false,
} = defineProps<{
  clock: Clock | null;
  limit: number | null;
  now: number;
  /** A shuttle lies where the thread ends. */
  shuttle?: boolean;
}>();
const { t } = useI18n();

const left = computed(() => (clock ? remaining(clock, now) : 0));
const held = computed(() => clock !== null && !('deadline' in clock));
const share = computed(() => Math.min(1, left.value / Math.max(1, limit ?? left.value)));
const seconds = computed(() => Math.ceil(left.value / 1000));
const strain = computed(() => (left.value < 5000 ? 'last' : left.value < 10_000 ? 'short' : 'calm'));
</script>

<template>
  <div
    v-if="clock"
    class="thread"
    :class="[strain, { held }]"
    role="timer"
    :aria-label="t('common.seconds', { n: seconds })"
  >
    <div class="track">
      <div class="rest" :style="{ width: `${share * 100}%` }" />
      <Shuttle v-if="shuttle" class="shuttle" />
    </div>
    <v-icon v-if="held" class="pause" :icon="mdiPause" :aria-label="t('common.held')" />
    <span class="mono figure">{{ t('common.seconds', { n: seconds }) }}</span>
  </div>
</template>

<style scoped>
.thread {
  --thick: 0.22em;
  --dye: currentcolor;
  display: flex;
  align-items: center;
  gap: 0.5em;
}
.short {
  --thick: 0.4em;
  --dye: var(--clock-short, #8a6500);
}
.last {
  --thick: 0.62em;
  --dye: var(--clock-last, var(--madder));
}
.track {
  flex: 1;
  display: flex;
  align-items: center;
  height: 0.7em;
}
.rest {
  min-width: 0;
  height: var(--thick);
  background: var(--dye);
  border-radius: 1em;
  transition:
    width 100ms linear,
    height 200ms;
}
.track .shuttle {
  flex: none;
  width: 2em;
  margin-inline-start: -0.5em;
  fill: var(--dye);
}
.held .rest {
  background: repeating-linear-gradient(90deg, var(--dye) 0 0.6em, transparent 0.6em 0.9em);
}
/* Where the system sets the colours, a ground alone is not seen. */
@media (forced-colors: active) {
  .rest {
    forced-color-adjust: none;
    background: CanvasText;
  }
}
.figure {
  min-width: 3.4ch;
  text-align: right;
  font-weight: 700;
  color: var(--dye);
}
.pause {
  font-size: 1em;
}
</style>
