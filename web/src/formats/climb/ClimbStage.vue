<script setup lang="ts">
import type { ClimbView } from '@distaff/core/formats';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { useWonLines } from '../../design/useWonLines.ts';
import type { StagePart } from '../parts.ts';
import ClimbSlope from './ClimbSlope.vue';
import ClimbTags from './ClimbTags.vue';

/** Between two rungs: what is at stake; after a climb, how it ended; and who climbs next. */
const { view } = defineProps<StagePart>();
const { t } = useI18n();
const { points } = useFormat();
const round = computed(() => view.round as ClimbView);
const on = computed(() => round.value.on);
const last = computed(() => round.value.done.at(-1) ?? null);
const nameOf = (team: string) => view.teams.find((one) => one.id === team)?.name ?? '';
const weaveOf = (team: string | undefined) => view.teams.find((one) => one.id === team)?.weave ?? null;
const next = computed(() => (on.value ? on.value.reached + 1 : null));
const wonLines = useWonLines(() => view);
const isOver = computed(() => !on.value && round.value.done.length >= round.value.climbs);
/** The rung on which whoever fell came to rest; 0 for the ground. */
const restedOn = computed(() =>
  Math.max(0, ...round.value.rests.filter((rest) => rest <= (last.value?.reached ?? 0))),
);
const title = computed(() => {
  if (on.value) return t('formats.climb.ofTeam', { team: nameOf(on.value.team) });
  if (round.value.fastest) return t('formats.climb.fastestTitle');
  if (!last.value) return t('formats.climb.who');
  const { end, team } = last.value;
  if (end === 'stopped') return t('formats.climb.stopsHere', { team: nameOf(team) });
  if (end === 'top') return t('formats.climb.topReached', { n: round.value.rungs.length });
  return restedOn.value > 0
    ? t('formats.climb.backToRest', { n: restedOn.value })
    : t('formats.climb.backToGround');
});
const then = computed(() => {
  if (on.value) return '';
  if (isOver.value) return wonLines.value[0] ?? t('formats.climb.climbsOver');
  return last.value && !round.value.fastest ? t('formats.climb.who') : '';
});
/** What is woven: of whoever is on the slope, else what the last one keeps. */
const woven = computed(() => {
  if (on.value) return { reached: on.value.reached, team: on.value.team };
  if (!last.value || round.value.fastest) return { reached: 0, team: undefined };
  return {
    reached: last.value.end === 'missed' ? restedOn.value : last.value.reached,
    team: last.value.team,
  };
});
/** What is at stake stands above the low end of the slope: where that is not low, all of it is drawn lower (%). */
const [LEFT, ROOM] = [0.55, 42];
const height = computed(() => {
  const { rungs } = round.value;
  const under = Math.max(0, ...rungs.slice(0, Math.ceil(rungs.length * LEFT)));
  const tallest = Math.sqrt(under / Math.max(1, ...rungs));
  return Math.min(100, ROOM / Math.max(0.1, tallest));
});
const told = computed(() =>
  on.value
    ? t('formats.climb.onRung', {
        team: nameOf(on.value.team),
        n: on.value.reached,
        of: round.value.rungs.length,
        points: points(on.value.stop),
      })
    : title.value,
);
</script>

<template>
  <section class="climb">
    <div class="head">
      <h2>{{ title }}</h2>
      <ClimbTags v-if="on" :round="round" />
    </div>
    <p v-if="then" class="then">{{ then }}</p>
    <div class="picture" role="img" :aria-label="told">
      <ClimbSlope
        class="slope"
        :style="{ height: `${height}%` }"
        :rungs="round.rungs"
        :rests="round.rests"
        :reached="woven.reached"
        :weave="weaveOf(woven.team)"
        :current="next"
        figures
      />
      <div v-if="on && next! <= round.rungs.length" class="stake">
        <p>{{ t('formats.climb.nextRung', { n: next!, of: round.rungs.length }) }}</p>
        <b>{{ points(round.rungs[next! - 1]!) }}</b>
        <p v-if="on.reached > 0" class="keeps">
          {{ t('formats.climb.stopKeeps', { points: points(on.stop) }) }}
        </p>
        <p class="keeps">{{ t('formats.climb.wrongKeeps', { points: points(on.miss) }) }}</p>
      </div>
      <div v-else-if="last && !round.fastest" class="stake">
        <p>{{ nameOf(last.team) }}</p>
        <b>{{ points(last.worth) }}</b>
      </div>
    </div>
  </section>
</template>

<style scoped>
.climb {
  height: 100%;
  display: flex;
  flex-direction: column;
  gap: calc(1 * var(--u));
}
.head {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: calc(3 * var(--u));
}
h2 {
  font-size: calc(6.6 * var(--u));
  line-height: 1.1;
  overflow-wrap: anywhere;
}
p {
  margin: 0;
}
.then {
  font-size: calc(4 * var(--u));
  color: var(--dim);
}
.picture {
  flex: 1;
  min-height: 0;
  position: relative;
  display: flex;
  flex-direction: column;
  padding-block: calc(9 * var(--u)) calc(4.5 * var(--u));
}
.slope {
  margin-top: auto;
  font-size: calc(3.4 * var(--u));
}
/* The low end of the slope leaves room above it. */
.stake {
  position: absolute;
  inset: calc(1 * var(--u)) 45% auto 0;
  font-size: calc(3.4 * var(--u));
}
.stake b {
  display: block;
  font-family: var(--display);
  font-size: calc(17 * var(--u));
  line-height: 1.05;
}
.stake p {
  color: var(--dim);
}
.stake .keeps {
  font-size: calc(4.2 * var(--u));
  color: var(--light);
}
</style>
