<script setup lang="ts">
import type { Length } from '@distaff/core/practice';
import type { Weave } from '@distaff/core/show';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { weaveBackground } from '../../design/weave/tile.ts';

/** One person's answers: a cell each, woven where it was right. */
const { name, lengths, of, weave } = defineProps<{
  name: string;
  lengths: readonly Length[];
  of: number;
  weave: Weave;
}>();
const { t } = useI18n();
const right = computed(() => lengths.filter(({ share }) => share > 0).length);
</script>

<template>
  <div class="strip" role="img" :aria-label="t('practices.strip', { name, right, of })">
    <i
      v-for="n in of"
      :key="n"
      :class="{ missed: lengths[n - 1] && !lengths[n - 1]!.share, bare: !lengths[n - 1] }"
      :style="lengths[n - 1]?.share ? weaveBackground(weave) : {}"
    />
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  width: 100%;
  max-width: 252px;
  min-width: 120px;
  height: 24px;
}
i {
  flex: 1;
  min-width: 0;
}
i + i {
  border-inline-start: 1px solid var(--paper);
}
.missed {
  border: 1px dashed var(--stone) !important;
}
.bare {
  background: repeating-linear-gradient(to right, var(--line) 0 1px, transparent 1px 6px);
}
</style>
