<script setup lang="ts">
import type { Reaction } from '@distaff/core/wire';
import { useTimeoutFn } from '@vueuse/core';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { reactions } from '../../design/reactions/reactions.ts';
import ReactionSign from '../../design/reactions/ReactionSign.vue';

/** Four signs to show on the stage while one waits; after each there is a short rest. */
const emit = defineEmits<{ react: [what: Reaction] }>();
const { t } = useI18n();
/** So long whoever showed one rests (ms): what comes sooner the server does not take. */
const REST = 2100;
const resting = ref(false);
const { start } = useTimeoutFn(() => (resting.value = false), REST, { immediate: false });
function show(what: Reaction): void {
  if (resting.value) return;
  resting.value = true;
  start();
  emit('react', what);
}
</script>

<template>
  <div class="signs" role="group" :aria-label="t('handset.reactions')">
    <button
      v-for="what in reactions"
      :key="what"
      type="button"
      :aria-disabled="resting"
      :aria-label="t(`common.reactions.${what}`)"
      @click="show(what)"
    >
      <ReactionSign :what="what" />
    </button>
  </div>
</template>

<style scoped>
.signs {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 10px;
  margin-top: auto;
  padding-top: 12px;
}
button {
  min-height: 64px;
  display: flex;
  align-items: center;
  justify-content: center;
  border: 2px solid var(--edge);
  border-radius: 6px;
  cursor: pointer;
}
button[aria-disabled='true'] {
  opacity: 0.4;
}
svg {
  width: 36px;
  height: 36px;
}
</style>
