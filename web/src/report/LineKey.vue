<script setup lang="ts">
import type { Weave } from '@distaff/core/show';
import { dyeColours } from '../design/tokens.ts';
import { lineStyle } from './lineStyle.ts';

/** Which line is whose: a piece of each with its dashes and its mark, so that colour is never needed. */
defineProps<{ lines: readonly { id: string; name: string; weave: Weave }[] }>();
const marks = {
  circle: 'M24 2a4 4 0 1 0 0.01 0z',
  rect: 'M20 2h8v8h-8z',
  triangle: 'M24 1.5l4.6 8h-9.2z',
} as const;
</script>

<template>
  <ul class="key">
    <li v-for="(line, n) in lines" :key="line.id">
      <svg viewBox="0 0 48 12" aria-hidden="true" :style="{ color: dyeColours[line.weave.warp] }">
        <path d="M0 6h48" :stroke-dasharray="lineStyle(n).dash.join(' ')" />
        <path class="mark" :d="marks[lineStyle(n).mark]" />
      </svg>
      <span class="clip" dir="auto">{{ line.name }}</span>
    </li>
  </ul>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 20px;
  margin: 12px 0 0;
  padding: 0;
  list-style: none;
  font-size: 14px;
}
li {
  display: flex;
  align-items: center;
  gap: 8px;
  min-width: 0;
  max-width: 240px;
}
svg {
  flex: none;
  width: 48px;
  height: 12px;
}
path {
  fill: none;
  stroke: currentColor;
  stroke-width: 2;
}
.mark {
  fill: currentColor;
}
</style>
