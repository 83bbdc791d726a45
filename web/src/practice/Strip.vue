<script setup lang="ts">
import type { Length } from '@distaff/core/practice';
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { weaveBackground } from '../design/weave/tile.ts';

/** As many lengths as there are questions: woven, missed, before one now, or to come. */
const { lengths, of, weave, now } = defineProps<{
  lengths: readonly Length[];
  of: number;
  weave: Weave;
  /** A question is before one that is not over yet. */
  now: boolean;
}>();
const { t } = useI18n();
/** With more than so many there are no seams. */
const SEAMS = 30;
const right = computed(() => lengths.filter(({ share }) => share > 0).length);
const cells = computed(() =>
  Array.from({ length: of }, (_, i) => {
    const length = lengths[i];
    if (length) return length.share > 0 ? 'woven' : 'missed';
    return i === lengths.length && now ? 'now' : 'bare';
  }),
);
</script>

<template>
  <div
    class="strip"
    role="img"
    :aria-label="t('practice.strip', { right, of })"
    :class="{ seams: of <= SEAMS }"
  >
    <i
      v-for="(cell, i) in cells"
      :key="i"
      :class="cell"
      :style="cell === 'woven' ? weaveBackground(weave) : {}"
    />
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  flex: none;
  height: 16px;
  background: var(--ground);
}
i {
  flex: 1;
  min-width: 0;
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 22%, transparent) 0 1px,
    transparent 1px 6px
  );
}
.seams i + i {
  border-inline-start: 1px solid var(--ground);
}
i.missed {
  background: none;
  border-bottom: 2px dashed var(--dim);
}
i.now {
  outline: 2px solid var(--light);
  outline-offset: -2px;
}
</style>
