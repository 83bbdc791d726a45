<script setup lang="ts">
import { mdiCloudCheckOutline, mdiCloudOffOutline, mdiCloudSyncOutline } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { SaveState } from './savedDocument.ts';

/** Whether what is written is saved. */
const { state, why } = defineProps<{ state: SaveState; why: string }>();
const { t } = useI18n();
const icon = computed(() => {
  if (state === 'saved') return mdiCloudCheckOutline;
  return state === 'saving' || state === 'unsaved' ? mdiCloudSyncOutline : mdiCloudOffOutline;
});
const text = computed(() => t(`studio.state.${state}`, { why }));
const trouble = computed(() => ['offline', 'conflict', 'invalid', 'gone'].includes(state));
</script>

<template>
  <span class="state clip" :class="{ trouble }" role="status" :title="text"
    ><v-icon :icon="icon" size="18" /> {{ text }}</span
  >
</template>

<style scoped>
.state {
  color: var(--stone);
  font-size: 14px;
}
.trouble {
  padding: 4px 10px;
  border-radius: 6px;
  background: var(--weld);
  color: var(--ink);
}
</style>
