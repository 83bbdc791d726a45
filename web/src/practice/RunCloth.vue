<script setup lang="ts">
import type { Length } from '@distaff/core/practice';
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { weaveBackground } from '../design/weave/tile.ts';
import SewnLabel from '../design/weave/SewnLabel.vue';

/** A run as a cloth: what was right is woven, what was missed is open threads in it. */
const { lengths, of, weave } = defineProps<{ lengths: readonly Length[]; of: number; weave: Weave }>();
const COLUMNS = 4;
/** Row by row; the cells of a last row that is not full are wider, so that every hole is a question. */
const rows = computed(() => {
  const columns = Math.min(COLUMNS, Math.max(1, of));
  return Array.from({ length: Math.ceil(of / columns) }, (_, row) =>
    Array.from({ length: Math.min(columns, of - row * columns) }, (__, i) => {
      const length = lengths[row * columns + i];
      return (length?.share ?? 0) > 0;
    }),
  );
});
</script>

<template>
  <div class="run-cloth">
    <div v-for="(row, r) in rows" :key="r" class="line">
      <i v-for="(woven, i) in row" :key="i" :style="woven ? weaveBackground(weave, 2) : {}" />
    </div>
    <SewnLabel class="label" role="status"><slot /></SewnLabel>
  </div>
</template>

<style scoped>
.run-cloth {
  position: relative;
  display: flex;
  flex-direction: column;
  flex: 1 0 240px;
  max-height: 440px;
}
.line {
  flex: 1;
  display: flex;
}
i {
  flex: 1;
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px 8px
  );
}
.label {
  position: absolute;
  inset: 0;
  margin: auto;
  width: max-content;
  max-width: 88%;
  height: max-content;
  align-items: center;
  text-align: center;
  font-weight: 700;
}
.label :deep(b) {
  font-size: 60px;
}
.label :deep(p) {
  margin: 0;
}
</style>
