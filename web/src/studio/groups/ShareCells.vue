<script setup lang="ts">
import { useI18n } from 'vue-i18n';

/** Shares from game to game as small bars, an empty place where there is none; in words for whoever hears it. */
defineProps<{ shares: readonly (number | null)[] }>();
const { t } = useI18n();
const told = (share: number | null) =>
  share === null ? t('groups.notThere') : t('groups.percent', { n: Math.round(share * 100) });
</script>

<template>
  <span class="cells" role="img" :aria-label="shares.map(told).join(', ')">
    <i v-for="(share, i) in shares" :key="i" :class="{ none: share === null }" :title="told(share)">
      <span v-if="share !== null" :style="{ height: `${Math.max(4, share * 100)}%` }" />
    </i>
  </span>
</template>

<style scoped>
.cells {
  display: inline-flex;
  gap: 3px;
  vertical-align: middle;
}
i {
  position: relative;
  display: flex;
  align-items: flex-end;
  width: 12px;
  height: 28px;
  background: var(--well, #e8ede8);
}
i.none {
  background: none;
  border: 1px dashed var(--line);
}
i span {
  width: 100%;
  background: var(--ink);
}
</style>
