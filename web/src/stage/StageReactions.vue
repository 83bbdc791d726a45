<script setup lang="ts">
import type { Reaction } from '@distaff/core/wire';
import { usePreferredReducedMotion } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { reactions } from '../design/reactions/reactions.ts';
import ReactionSign from '../design/reactions/ReactionSign.vue';
import { useSitting } from '../live/sitting.ts';

/** What people show runs up a thread along the edge of the stage; more of the same are one with a figure. */
const { t } = useI18n();
const sitting = useSitting();
/** So long one is on its way up (ms), and so many are seen at once. */
const RISES = 1800;
const MOST = 8;
const still = usePreferredReducedMotion();
const isStill = computed(() => still.value === 'reduce');
const signs = ref<{ id: number; what: Reaction; n: number }[]>([]);
let next = 0;
watch(
  () => sitting.reacted,
  (counts) => {
    for (const what of reactions) {
      const n = counts?.[what] ?? 0;
      if (n === 0) continue;
      const id = next++;
      signs.value = [...signs.value, { id, what, n }].slice(-MOST);
      setTimeout(() => (signs.value = signs.value.filter((one) => one.id !== id)), RISES);
    }
  },
);
/** Without motion only how many of each there were just now. */
const counts = computed(() =>
  reactions.flatMap((what) => {
    const n = signs.value.filter((one) => one.what === what).reduce((sum, one) => sum + one.n, 0);
    return n > 0 ? [{ what, n }] : [];
  }),
);
</script>

<template>
  <div v-if="signs.length" class="strip" role="img" :aria-label="t('stage.reactions')">
    <template v-if="isStill">
      <span v-for="one in counts" :key="one.what" class="count">
        <ReactionSign :what="one.what" /><b v-if="one.n > 1">{{ one.n }}</b>
      </span>
    </template>
    <span v-for="one in signs" v-else :key="one.id" class="rising">
      <ReactionSign :what="one.what" /><b v-if="one.n > 1">{{ one.n }}</b>
    </span>
  </div>
</template>

<style scoped>
.strip {
  position: absolute;
  inset: 0 0.4vh 0 auto;
  width: 3.4vh;
  pointer-events: none;
  color: #ede6d4;
  border-inline-end: 1px solid #ede6d4;
  display: flex;
  flex-direction: column;
  justify-content: end;
  z-index: 5;
}
.rising,
.count {
  display: flex;
  flex-direction: column;
  align-items: center;
  font-size: 2.3vh;
  line-height: 1;
}
.rising {
  position: absolute;
  bottom: 0;
  inset-inline: 0;
  animation: up 1.8s linear both;
}
svg {
  width: 3.2vh;
  height: 3.2vh;
}
@keyframes up {
  from {
    transform: translateY(0);
  }
  to {
    transform: translateY(-94vh);
  }
}
</style>
