<script setup lang="ts">
import type { InterludeView, PublicView } from '@distaff/core';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import RichText from '../../design/rich/RichText.vue';
import StageStandings from './StageStandings.vue';

/** What stands between the rounds: a title, how something is played, a break, the standings. */
const { round, view, now } = defineProps<{ round: InterludeView; view: PublicView; now: number }>();
const { t } = useI18n();
const left = computed(() => {
  if (round.until === null) return '';
  const seconds = Math.max(0, Math.ceil((round.until - now) / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
});
</script>

<template>
  <StageStandings v-if="round.what === 'standings'" :teams="view.teams" :playing="view.playing" :now="now" />
  <section v-else class="interlude">
    <h2>{{ view.roundTitle || t(`common.interludes.${round.what}`) }}</h2>
    <RichText v-if="round.text" class="text" :text="round.text" />
    <p v-if="left" class="mono left" role="timer">{{ left }}</p>
  </section>
</template>

<style scoped>
.interlude {
  height: 100%;
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: calc(4 * var(--u));
}
h2 {
  font-size: calc(11 * var(--u));
  text-wrap: balance;
}
.text {
  font-size: calc(4.2 * var(--u));
  max-width: 36em;
}
.left {
  margin: 0;
  font-size: calc(12 * var(--u));
  color: var(--accent);
}
</style>
