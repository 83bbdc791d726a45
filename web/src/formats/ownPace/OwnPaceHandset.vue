<script setup lang="ts">
import type { OwnPaceView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import type { HandsetPart } from '../parts.ts';
import { useTerms } from './useTerms.ts';

/** Before one's own questions come, and after the last. */
const { view, seat } = defineProps<HandsetPart>();
const { t } = useI18n();
const { points } = useFormat();
const { goal, terms } = useTerms();
const round = computed(() => view.round as OwnPaceView);
/** Through before the others are. */
const isOn = computed(() => view.timer?.alone === 'on');
const before = computed(() => view.timer?.alone === 'before');
</script>

<template>
  <template v-if="before">
    <h1>{{ t('formats.ownPace.waiting') }}</h1>
    <p>{{ t('formats.ownPace.waitingText') }}</p>
    <p>{{ terms(round, round.gain) }}</p>
    <p>{{ goal(round) }}</p>
    <p v-if="round.start !== 0">{{ t('formats.ownPace.start', { n: points(round.start) }) }}</p>
    <p v-if="round.streak">
      {{ t('formats.ownPace.streak', { n: round.streak.length, points: points(round.streak.points) }) }}
    </p>
  </template>
  <template v-else>
    <h1>{{ t(isOn ? 'formats.ownPace.lastOne' : 'formats.ownPace.done') }}</h1>
    <p v-if="isOn">{{ t('formats.ownPace.othersGoOn') }}</p>
    <p v-if="seat.standing">{{ t('formats.ownPace.balance', { n: points(seat.standing.score) }) }}</p>
  </template>
</template>

<style scoped>
h1 {
  font-size: 30px;
  margin-top: 12px;
}
p {
  margin: 0;
}
</style>
