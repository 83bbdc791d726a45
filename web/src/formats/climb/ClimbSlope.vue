<script setup lang="ts">
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { weaveBackground } from '../../design/weave/tile.ts';

/**
 * The slope: rungs side by side, as high as the root of what they are worth, so that it gets steeper. What was
 * reached is one cloth without seams; the rest are bare threads. Sizes follow its box and the type around it.
 */
const {
  rungs,
  rests,
  reached,
  weave,
  current = null,
  figures = false,
} = defineProps<{
  rungs: readonly number[];
  rests: readonly number[];
  reached: number;
  weave: Weave | null;
  /** The rung that is played or comes next, from 1. */
  current?: number | null;
  /** Whether the values stand above. */
  figures?: boolean;
}>();
const { t } = useI18n();
const { points } = useFormat();
const LEAST = 6;
const top = computed(() => Math.max(1, ...rungs));
const heights = computed(() =>
  rungs.map((value) => Math.max(LEAST, Math.sqrt(Math.max(0, value) / top.value) * 100)),
);
const step = computed(() => 100 / rungs.length);
/** The outline of some rungs, from the floor up and back to it. */
function outline(from: number, to: number): string {
  const points = heights.value
    .slice(from, to)
    .flatMap((height, i) => [
      `${(from + i) * step.value}% ${100 - height}%`,
      `${(from + i + 1) * step.value}% ${100 - height}%`,
    ]);
  return `polygon(${from * step.value}% 100%, ${points.join(', ')}, ${to * step.value}% 100%)`;
}
/** From 18 rungs on only every second figure, but always those of rests, of the present and the top rung. */
const MANY = 18;
const told = (i: number) =>
  figures && (rungs.length < MANY || i % 2 === 1 || isRest(i) || i + 1 === current || i === rungs.length - 1);
const isRest = (i: number) => rests.includes(i + 1);
const size = (value: number) =>
  value < top.value / 10 ? 'small' : value <= top.value * 0.4 ? 'middle' : 'large';
</script>

<template>
  <div class="slope" aria-hidden="true">
    <div class="warp" :style="{ clipPath: outline(0, rungs.length) }" />
    <div
      v-if="reached > 0 && weave"
      class="cloth"
      :style="{ clipPath: outline(0, reached), ...weaveBackground(weave) }"
    />
    <div
      v-for="(value, i) in rungs"
      :key="i"
      class="rung"
      :class="{ rest: isRest(i), on: i + 1 === current, woven: i < reached }"
      :style="{ left: `${i * step}%`, width: `${step}%`, height: `${heights[i]}%` }"
    >
      <span v-if="told(i)" class="value" :class="size(value)">{{ points(value) }}</span>
      <small v-if="figures && isRest(i)">{{ t('formats.climb.rest') }}</small>
    </div>
  </div>
</template>

<style scoped>
.slope {
  position: relative;
  border-block-end: 2px solid color-mix(in srgb, var(--light) 42%, transparent);
}
.warp,
.cloth {
  position: absolute;
  inset: 0;
}
.warp {
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 24%, transparent) 0 1px,
    transparent 1px var(--thread, 4px)
  );
}
.cloth {
  background-position: left bottom;
}
.rung {
  position: absolute;
  bottom: 0;
  box-sizing: border-box;
  border-block-start: 1px solid color-mix(in srgb, var(--light) 55%, transparent);
}
.woven {
  border-block-start-color: var(--flax, #ede6d4);
}
/* Where one falls no further: a bar that overhangs the rung. */
.rest::before {
  content: '';
  position: absolute;
  inset: calc(-1 * var(--thread, 3px)) -8% auto;
  height: calc(1.2 * var(--thread, 3px));
  background: var(--flax, #ede6d4);
}
.on {
  border: calc(0.7 * var(--thread, 3px)) solid var(--flax, #ede6d4);
}
.value {
  position: absolute;
  bottom: calc(100% + 0.35em);
  left: 50%;
  translate: -50%;
  font-family: var(--display);
  font-weight: 700;
  font-variant-numeric: tabular-nums;
}
.small {
  font-size: 0.8em;
  color: var(--dim);
}
.large {
  font-size: 1.35em;
}
.rest .value {
  bottom: calc(100% + 0.7em);
  padding: 0 0.4em;
  font-size: 1em;
  background: var(--flax, #ede6d4);
  color: #14211d;
}
small {
  position: absolute;
  top: calc(100% + 0.2em);
  left: 50%;
  translate: -50%;
  color: var(--dim);
}
</style>
