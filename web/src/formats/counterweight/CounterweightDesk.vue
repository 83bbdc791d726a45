<script setup lang="ts">
import type { CounterweightView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import type { DeskPart } from '../parts.ts';
import CoverChoice from './CoverChoice.vue';

/** The covers; the host lifts for whoever has earned one. */
const { view } = defineProps<DeskPart>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const round = computed(() => view.round as CounterweightView);
const title = computed(() => {
  const team = view.teams.find((one) => one.id === (round.value.choosing ?? view.turn))?.name ?? '';
  return t(round.value.choosing ? 'formats.counterweight.mayLift' : 'common.teamNext', { team });
});
</script>

<template>
  <h2>{{ title }}</h2>
  <CoverChoice :round="round" :teams="view.teams" @lift="emit('act', $event)" />
</template>
