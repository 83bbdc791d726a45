<script setup lang="ts">
import { computed } from 'vue';
import { EARLIER, HOUSE } from '../weave/house.ts';
import { weaveBackground } from '../weave/tile.ts';

/** A bar of house weave over bare threads, one length an answer while these are few. */
const {
  share,
  count = 0,
  earlier = false,
} = defineProps<{
  /** How much of the warp is woven, 0 … 1. */
  share: number;
  /** So many answers are in it, where each is to be seen as a length. */
  count?: number;
  /** An earlier run of the same. */
  earlier?: boolean;
}>();
/** Above so many lengths the cloth has no seams. */
const SEAMS = 40;
const style = computed(() => ({
  width: `${Math.min(1, Math.max(0, share)) * 100}%`,
  ...weaveBackground(earlier ? EARLIER : HOUSE, earlier ? 0.7 : 1),
}));
const seams = computed(() =>
  count > 1 && count <= SEAMS ? { backgroundSize: `calc(100% / ${count}) 100%` } : null,
);
</script>

<template>
  <span class="warp" :class="{ earlier }" aria-hidden="true">
    <span class="woven" :style="style"><span v-if="seams" class="seams" :style="seams" /></span>
  </span>
</template>

<style scoped>
.warp {
  display: flex;
  align-items: stretch;
  min-height: 0.9em;
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, currentcolor 22%, transparent) 0 1px,
    transparent 1px 0.24em
  );
}
.earlier {
  min-height: 0.45em;
}
.woven {
  position: relative;
  transition: width 450ms ease-out;
}
.seams {
  position: absolute;
  inset: 0;
  background-image: linear-gradient(to right, transparent calc(100% - 2px), var(--seam, var(--ground)) 0);
}
@media (prefers-reduced-motion: reduce) {
  .woven {
    transition: none;
  }
}
</style>
