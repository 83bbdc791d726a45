<script setup lang="ts">
import type { InterludeView } from '@distaff/core/formats';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import CreditList from '../../design/media/CreditList.vue';
import RichText from '../../design/rich/RichText.vue';
import { useFit } from '../../design/useFit.ts';
import { useHowTo } from '../../design/useHowTo.ts';
import StageLeague from './StageLeague.vue';
import StageStandings from '../../screens/stage/StageStandings.vue';
import type { StagePart } from '../parts.ts';

/** What stands between the rounds: a title, how something is played, a break, the standings. */
const { view, now } = defineProps<StagePart>();
const round = computed(() => view.round as InterludeView);
const { t } = useI18n();
const { sentences } = useHowTo();
const left = computed(() => {
  const { until } = round.value;
  if (until === null) return '';
  const seconds = Math.max(0, Math.ceil((until - now) / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
});
const box = ref<HTMLElement | null>(null);
useFit(box, () => [round.value, view.roundTitle], [1, 0.85, 0.72, 0.6, 0.5, 0.42, 0.35]);
</script>

<template>
  <StageStandings v-if="round.what === 'standings'" :teams="view.teams" :playing="view.playing" :now="now" />
  <StageLeague v-else-if="round.what === 'league' && round.table" :table="round.table" :now="now" />
  <section v-else ref="box" class="interlude">
    <h2>{{ view.roundTitle || t(`formats.interlude.sort.${round.what}`) }}</h2>
    <RichText v-if="round.text" class="text" :text="round.text" />
    <template v-if="view.explains">
      <h3>{{ view.explains.title || t(`formats.${view.explains.format}.name`) }}</h3>
      <ul class="text">
        <li v-for="one in sentences(view.explains, view.devices)" :key="one">{{ one }}</li>
      </ul>
    </template>
    <CreditList v-if="round.what === 'credits'" class="thanks" :credits="view.credits" />
    <p v-if="left" class="mono left" role="timer">{{ left }}</p>
  </section>
</template>

<style scoped>
.interlude {
  height: 100%;
  display: flex;
  flex-direction: column;
  justify-content: safe center;
  gap: calc(4 * var(--u) * var(--fit, 1));
  overflow: hidden;
}
.interlude > * {
  flex: none;
}
h2 {
  font-size: calc(11 * var(--u) * var(--fit, 1));
  text-wrap: balance;
  overflow-wrap: anywhere;
}
.text {
  font-size: calc(4.2 * var(--u) * max(var(--fit, 1), 0.6));
  max-width: 36em;
}
.text:is(ul) {
  margin: 0;
  padding-left: 1.2em;
  line-height: 1.35;
}
h3 {
  font-size: calc(5 * var(--u) * var(--fit, 1));
  color: var(--accent);
}
.thanks {
  font-size: calc(3 * var(--u) * max(var(--fit, 1), 0.6));
}
.left {
  margin: 0;
  font-size: calc(12 * var(--u) * var(--fit, 1));
  color: var(--accent);
}
</style>
