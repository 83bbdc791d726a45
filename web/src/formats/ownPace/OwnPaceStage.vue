<script setup lang="ts">
import type { OwnPaceLive, OwnPaceView } from '@distaff/core/formats';
import { remaining } from '@distaff/core/time';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import LongClock from '../../design/LongClock.vue';
import { useRules } from '../../design/useRules.ts';
import { useWonLines } from '../../design/useWonLines.ts';
import type { StagePart } from '../parts.ts';
import OwnPaceBands from './OwnPaceBands.vue';
import OwnPaceCloth from './OwnPaceCloth.vue';
import OwnPaceColumns from './OwnPaceColumns.vue';
import { useRanking } from './useRanking.ts';
import { useTerms } from './useTerms.ts';

/** Everybody on a question of their own: how far each is, or all together, and the time that is left. */
const { view, now } = defineProps<StagePart>();
const { t } = useI18n();
const { title, goal, terms } = useTerms();
const { told } = useRules();
const wonLines = useWonLines(() => view);
const round = computed(() => view.round as OwnPaceView);
const live = computed(() => view.live as OwnPaceLive | null);
const timer = computed(() => view.timer!);
/** Near the end nobody changes places any more. */
const LAST = 10_000;
const ending = computed(() => {
  const { clock, alone } = timer.value;
  return alone === 'on' && clock !== null && remaining(clock, now) <= LAST;
});
const rows = useRanking(() => ({ teams: view.teams, live: live.value, now, still: ending.value }));
const line = computed(() => {
  const { alone, held, ended } = timer.value;
  if (alone === 'before')
    return t(view.devices.mode === 'none' ? 'formats.ownPace.firstAloud' : 'formats.ownPace.firstOnPhone');
  if (alone === 'over') {
    const goalReached = round.value.goal === 'most' ? 'through' : 'reached';
    return wonLines.value[0] ?? t(`formats.ownPace.${ended === 'goal' ? goalReached : 'over'}`);
  }
  return t(held ? 'formats.ownPace.paused' : 'formats.ownPace.everyoneOwn');
});
const before = computed(() => [goal(round.value), ...(view.rules ? told(view.rules, view.devices) : [])]);
</script>

<template>
  <section class="own">
    <p class="terms">{{ terms(round, round.gain) }}</p>
    <h2>{{ title(round) }}</h2>
    <ul v-if="timer.alone === 'before'" class="rules">
      <li v-for="rule in before" :key="rule">{{ rule }}</li>
    </ul>
    <OwnPaceCloth v-else-if="round.goal === 'together'" class="picture" :view="view" :round="round" />
    <OwnPaceColumns v-else-if="round.ranking === 'none'" class="picture" :rows="rows" />
    <OwnPaceBands
      v-else
      class="picture"
      :rows="rows"
      :playing="view.playing"
      :top="round.ranking === 'top'"
      :goal="round.goal === 'first' ? round.amount : null"
    />
    <footer>
      <p class="line" role="status">{{ line }}</p>
      <LongClock v-if="timer.clock" :clock="timer.clock" :limit="timer.limit" :now="now" />
    </footer>
  </section>
</template>

<style scoped>
.own {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1 * var(--u));
}
p {
  margin: 0;
}
.terms {
  color: var(--dim);
  font-size: calc(3 * var(--u));
}
h2 {
  font-size: calc(6.6 * var(--u));
  line-height: 1.1;
}
.picture,
.rules {
  flex: 1;
  min-height: 0;
}
.rules {
  margin: calc(3 * var(--u)) 0 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-direction: column;
  justify-content: safe center;
  gap: calc(2 * var(--u));
  overflow: hidden;
  font-size: calc(4 * var(--u));
  color: var(--dim);
}
footer {
  display: flex;
  align-items: end;
  gap: calc(4 * var(--u));
  min-height: calc(7 * var(--u));
}
.line {
  flex: 1;
  font-size: calc(3.4 * var(--u));
  color: var(--dim);
}
</style>
