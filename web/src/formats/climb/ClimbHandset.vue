<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import type { HandsetPart } from '../parts.ts';
import ClimbSlope from './ClimbSlope.vue';

/** Between two rungs: whoever climbs goes on or stops; the others see how far it is. */
const { view, seat } = defineProps<HandsetPart>();
const emit = defineEmits<{ act: [act: object] }>();
const { t } = useI18n();
const { points } = useFormat();
const round = computed(() => view.round as ClimbView);
const on = computed(() => round.value.on);
const mine = computed(() => on.value?.team === seat.team);
const team = computed(() => view.teams.find((one) => one.id === on.value?.team) ?? null);
const last = computed(() => round.value.done.at(-1) ?? null);
const next = computed(() => (on.value?.reached ?? 0) + 1);
</script>

<template>
  <ClimbSlope
    class="slope"
    :rungs="round.rungs"
    :rests="round.rests"
    :reached="on?.reached ?? 0"
    :weave="team?.weave ?? null"
    :current="on ? next : null"
  />
  <template v-if="on && mine && next <= round.rungs.length">
    <p class="topic">{{ t('formats.climb.nextRung', { n: next, of: round.rungs.length }) }}</p>
    <b class="stake">{{ points(round.rungs[next - 1]!) }}</b>
    <p>{{ t('formats.climb.backTo', { points: points(on.miss) }) }}</p>
    <div class="choice">
      <p v-if="on.ready" class="topic">{{ t('formats.climb.hostKnows') }}</p>
      <v-btn v-else color="primary" size="x-large" @click="emit('act', { do: 'ready' })">{{
        t('formats.climb.playFor', { points: points(round.rungs[next - 1]!) })
      }}</v-btn>
      <v-btn v-if="on.reached > 0" variant="outlined" size="x-large" @click="emit('act', { do: 'stop' })">{{
        t('formats.climb.stopAndKeep', { points: points(on.stop) })
      }}</v-btn>
      <p>{{ t('formats.climb.noHurry') }}</p>
    </div>
  </template>
  <template v-else>
    <h1>{{ on ? t('formats.climb.ofTeam', { team: team?.name ?? '' }) : t('formats.climb.who') }}</h1>
    <p v-if="!on && last && last.team === seat.team" class="topic">{{ points(last.worth) }}</p>
  </template>
</template>

<style scoped>
.slope {
  flex: none;
  height: 150px;
  margin: 0 -16px;
}
h1 {
  font-size: 30px;
  margin: 0;
}
p {
  margin: 0;
}
.topic {
  color: var(--accent);
  font-weight: 700;
}
.stake {
  font-family: var(--display);
  font-size: 56px;
  line-height: 1;
}
.choice {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.choice p {
  color: var(--dim);
}
</style>
