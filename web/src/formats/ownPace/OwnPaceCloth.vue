<script setup lang="ts">
import type { OwnPaceLive, OwnPaceView } from '@distaff/core/formats';
import type { Weave } from '@distaff/core/show';
import type { StageView } from '@distaff/core/sitting';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import SewnLabel from '../../design/weave/SewnLabel.vue';
import { useFormat } from '../../design/useFormat.ts';
import { patternDef } from '../../design/weave/tile.ts';

/** One cloth of all: a length for each correct answer, in the weave of whoever gave it, to and fro as a shuttle runs. */
const { view, round } = defineProps<{ view: StageView; round: OwnPaceView }>();
const { t } = useI18n();
const { points } = useFormat();
const live = computed(() => view.live as OwnPaceLive | null);
const total = computed(() => live.value?.total ?? 0);
const worth = computed(() => live.value?.lengths.worth ?? 1);
/** A length is so many threads long; the cloth is as wide as the stage. */
const IN_A_ROW = 20;
/** The weave of what nobody's answer made: points that were there at the beginning. */
const HOUSE: Weave = { pattern: 'twill', warp: 'chalk', weft: 'slate' };
const LENGTH = 12;
/** As many lengths as lead to the goal if nothing is lost on the way. */
const places = computed(() => {
  const toGoal = Math.ceil(round.amount / Math.max(1, round.gain) / worth.value);
  const rows = Math.ceil(Math.max(toGoal, live.value?.lengths.teams.length ?? 0) / IN_A_ROW);
  return Math.max(1, rows) * IN_A_ROW;
});
const height = computed(() => Math.max(4, 105 / (places.value / IN_A_ROW)));
const teams = computed(() => new Set(live.value?.lengths.teams));
const defs = computed(() =>
  view.teams
    .filter(({ id }) => teams.value.has(id))
    .map(({ id, weave }) => patternDef(`length-${id}`, weave, 1))
    .concat(patternDef('length', HOUSE, 1))
    .join(''),
);
/** What is woven so far; what wrong answers cost is pulled out at the end. Every second row runs back. */
const lengths = computed(() => {
  const given = live.value?.lengths.teams ?? [];
  const woven = Math.round(places.value * Math.min(1, Math.max(0, total.value) / round.amount));
  return Array.from({ length: woven }, (_, at) => {
    const row = Math.floor(at / IN_A_ROW);
    const column = row % 2 === 0 ? at % IN_A_ROW : IN_A_ROW - 1 - (at % IN_A_ROW);
    return {
      x: column * LENGTH,
      y: row * height.value,
      fill: at < given.length ? `length-${given[at]}` : 'length',
    };
  });
});
</script>

<template>
  <div class="cloth">
    <svg
      :viewBox="`0 0 ${IN_A_ROW * LENGTH} ${(places / IN_A_ROW) * height}`"
      preserveAspectRatio="none"
      aria-hidden="true"
    >
      <!-- eslint-disable-next-line vue/no-v-html -- made by us from names of patterns and dyes -->
      <defs v-html="defs" />
      <rect
        v-for="one in lengths"
        :key="`${one.x} ${one.y}`"
        :x="one.x"
        :y="one.y"
        :width="LENGTH"
        :height="height"
        :fill="`url(#${one.fill})`"
      />
    </svg>
    <SewnLabel class="label">
      <b>{{ points(total) }}</b>
      <span>{{ t('formats.ownPace.ofAmount', { amount: points(round.amount) }) }}</span>
      <small v-if="worth > 1">{{ t('formats.ownPace.lengthOf', worth, { named: { n: worth } }) }}</small>
    </SewnLabel>
  </div>
</template>

<style scoped>
.cloth {
  position: relative;
  display: flex;
}
svg {
  flex: 1;
  min-width: 0;
  border-block-start: calc(0.9 * var(--u)) solid var(--flax, #ede6d4);
  background: repeating-linear-gradient(
    to bottom,
    color-mix(in srgb, var(--light) 20%, transparent) 0 1px,
    transparent 1px var(--thread)
  );
}
.label {
  position: absolute;
  inset-inline-end: calc(4 * var(--u));
  inset-block-end: calc(4 * var(--u));
}
.label b {
  font-size: calc(13 * var(--u));
}
.label span {
  font-size: calc(4 * var(--u));
}
.label small {
  font-size: calc(2.8 * var(--u));
}
</style>
