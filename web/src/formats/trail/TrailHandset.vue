<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import type { HandsetPart } from '../parts.ts';
import RollDie from './RollDie.vue';
import TrailPage from './TrailPage.vue';
import TrailProgress from './TrailProgress.vue';
import { useTrail } from './useTrail.ts';

/** The die for whoever is on turn; for everybody how far they are, and the pages to learn from. */
const { view, seat } = defineProps<HandsetPart>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const { round, title, stake, goal, over } = useTrail(() => view);
const mine = computed(
  () => view.turn === seat.team && !round.value.rolled && !over.value && view.devices.mode !== 'none',
);
const own = computed(() => view.teams.filter(({ id }) => id === seat.team));
const at = ref(0);
const page = computed(() => round.value.pages[at.value] ?? null);
</script>

<template>
  <p class="topic">{{ goal }}</p>
  <TrailProgress v-if="own.length" class="own" :round="round" :teams="own" :turn="seat.team" />
  <h1>{{ mine ? t('formats.trail.yourTurn') : title }}</h1>
  <p v-if="round.rolled">{{ stake }}</p>
  <RollDie v-if="mine" class="die" :last="round.last?.face ?? null" @roll="emit('act', $event)" />
  <section v-if="page && !mine" class="pages">
    <p class="topic">{{ t('formats.trail.pageOf', { n: at + 1, of: round.pages.length }) }}</p>
    <TrailPage :page="page" />
    <div v-if="round.pages.length > 1" class="row">
      <v-btn variant="outlined" :prepend-icon="mdiChevronLeft" :disabled="at === 0" @click="at--">{{
        t('formats.trail.back')
      }}</v-btn>
      <v-btn
        variant="outlined"
        :append-icon="mdiChevronRight"
        :disabled="at >= round.pages.length - 1"
        @click="at++"
        >{{ t('formats.trail.next') }}</v-btn
      >
    </div>
  </section>
</template>

<style scoped>
h1 {
  font-size: 28px;
  margin: 0;
}
p {
  margin: 0;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.own {
  --u: 6px;
}
.die {
  margin-block: 12px;
}
.pages {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 12px 0;
  border-block: 1px solid var(--edge);
}
</style>
