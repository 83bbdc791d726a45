<script setup lang="ts">
import type { CounterweightView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useOwnWords } from '../../screens/handset/useOwnWords.ts';
import type { HandsetPart } from '../parts.ts';
import CoverChoice from './CoverChoice.vue';
import CoverGrid from './CoverGrid.vue';

/** The covers, and whoever has earned one chooses it here. */
const { view, seat } = defineProps<HandsetPart>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const { own, ofFormat } = useOwnWords();
const round = computed(() => view.round as CounterweightView);
const title = computed(() => {
  const who = round.value.choosing ?? view.turn;
  const team = view.teams.find((one) => one.id === who)?.name ?? '';
  if (round.value.choosing)
    return who === seat.team
      ? ofFormat(view, 'counterweight', 'lift')
      : t('formats.counterweight.liftOther', { team });
  return who === seat.team ? own(view, 'next') : t('handset.nextOther', { team });
});
</script>

<template>
  <h1>{{ title }}</h1>
  <CoverChoice
    v-if="round.choosing === seat.team"
    class="covers"
    :round="round"
    :teams="view.teams"
    @lift="emit('act', $event)"
  />
  <CoverGrid v-else class="covers" :covers="round.covers" :teams="view.teams" :can-lift="false" />
</template>

<style scoped>
.covers {
  --cell-ground: var(--panel);
  --cell-edge: var(--edge);
  --cover: 48px;
  flex: none;
}
</style>
