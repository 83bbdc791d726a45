<script setup lang="ts">
import { computed } from 'vue';

/** A face of a die as part of a drawing; before the first roll it is blank. */
const {
  face,
  x = 0,
  y = 0,
  size,
} = defineProps<{ face: number | null; x?: number; y?: number; size: number }>();
const near = 0.24;
const far = 0.76;
/** Where pips lie on each face, as on any die. */
const places: Record<number, readonly (readonly [number, number])[]> = {
  1: [[0.5, 0.5]],
  2: [
    [near, near],
    [far, far],
  ],
  3: [
    [near, near],
    [0.5, 0.5],
    [far, far],
  ],
  4: [
    [near, near],
    [far, near],
    [near, far],
    [far, far],
  ],
  5: [
    [near, near],
    [far, near],
    [0.5, 0.5],
    [near, far],
    [far, far],
  ],
  6: [
    [near, near],
    [far, near],
    [near, 0.5],
    [far, 0.5],
    [near, far],
    [far, far],
  ],
};
const pips = computed(() => (face === null ? [] : (places[face] ?? [])));
</script>

<template>
  <g>
    <rect class="face" :x="x" :y="y" :width="size" :height="size" />
    <rect
      class="stitch"
      :x="x + size * 0.05"
      :y="y + size * 0.05"
      :width="size * 0.9"
      :height="size * 0.9"
      :stroke-width="size * 0.02"
      :stroke-dasharray="`${size * 0.06} ${size * 0.04}`"
    />
    <circle
      v-for="([px, py], i) in pips"
      :key="i"
      class="pip"
      :cx="x + px * size"
      :cy="y + py * size"
      :r="size * 0.085"
    />
  </g>
</template>

<style scoped>
.face {
  fill: var(--flax, #ede6d4);
}
.stitch {
  fill: none;
  stroke: #14211d;
}
.pip {
  fill: #14211d;
}
</style>
