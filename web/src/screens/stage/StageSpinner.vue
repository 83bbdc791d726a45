<script setup lang="ts">
import type { PublicView, SpinnerView } from '@distaff/core/sitting';
import { usePreferredReducedMotion } from '@vueuse/core';
import { computed, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import SewnLabel from '../../design/weave/SewnLabel.vue';
import { HOUSE } from '../../design/weave/house.ts';
import Shuttle from '../../design/weave/Shuttle.vue';
import { weaveBackground } from '../../design/weave/tile.ts';
import { useFlick } from '../../design/spinner/useFlick.ts';
import { passesOf, useSpinner } from '../../design/spinner/useSpinner.ts';
import { useThrown } from '../../design/spinner/useThrown.ts';

/**
 * The spinner over the stage: a warp whose fields are as wide as their odds; the shuttle is thrown through it, slows
 * down, and the field under it is woven. What comes up was drawn before it moves.
 */
const {
  view,
  spinner,
  now,
  canThrow = false,
} = defineProps<{ view: PublicView; spinner: SpinnerView; now: number; canThrow?: boolean }>();
const emit = defineEmits<{ spin: [strength: number] }>();
const { t } = useI18n();
const { nameOf, oddsOf, titleOf } = useSpinner();
const teamOf = (id: string | null) => view.teams.find((team) => team.id === id) ?? null;
const owner = computed(() => teamOf(spinner.team)?.name ?? '');
const thrown = computed(() => spinner.spunAt !== null);
const told = useThrown(
  () => spinner,
  () => now,
);
const field = computed(() => (spinner.field === null ? null : (spinner.fields[spinner.field] ?? null)));
/** Above so many fields their names would not fit. */
const NAMED = 12;
const many = computed(() => spinner.fields.length > NAMED);
const weaveOf = (team: string | null) => weaveBackground(teamOf(team)?.weave ?? HOUSE);
/** Where a field begins and how wide it is, in parts of all. */
const places = computed(() => {
  const all = spinner.fields.reduce((sum, one) => sum + one.weight, 0);
  let at = 0;
  return spinner.fields.map(({ weight }) => {
    const from = at / all;
    at += weight;
    return { from, width: weight / all };
  });
});
const middle = computed(() => {
  const place = spinner.field === null ? null : places.value[spinner.field];
  return place ? place.from + place.width / 2 : 0.5;
});
/** The label lies beside the field that came up, on the side where there is room. */
const onLeft = computed(() => middle.value > 0.55);

const motion = usePreferredReducedMotion();
const shuttle = ref<HTMLElement | null>(null);
function move(): void {
  if (!shuttle.value || spinner.spunAt === null || told.value || motion.value === 'reduce') return;
  const { passes, total } = passesOf(spinner.passes);
  // To and fro, the last pass to the middle of the field.
  const last = passes.length - 1;
  const stops = [0, ...passes.map((_, i) => (i === last ? middle.value : i % 2 === 0 ? 0.97 : 0.03))];
  let at = 0;
  const frames = stops.map((stop, i) => {
    if (i > 0) at += passes[i - 1]!;
    return { left: `${stop * 100}%`, offset: at / total, easing: i === last ? 'ease-out' : 'ease-in-out' };
  });
  frames.push({ ...frames.at(-1)!, offset: 1 });
  const animation = shuttle.value.animate(frames, { duration: total, fill: 'forwards' });
  animation.currentTime = Math.max(0, now - spinner.spunAt);
}
onMounted(move);
watch(() => spinner.spunAt, move, { flush: 'post' });
const flick = useFlick((strength) => canThrow && !thrown.value && emit('spin', strength));
</script>

<template>
  <section class="spinner" :class="{ told }" v-on="flick">
    <header>
      <h2 class="clip">{{ titleOf(spinner, owner) }}</h2>
      <p role="status">
        <template v-if="told">{{ t('extras.spinner.random') }}</template>
        <template v-else-if="thrown">{{ t('extras.spinner.moving') }}</template>
        <template v-else>{{
          canThrow
            ? t('extras.spinner.flick')
            : owner
              ? t('extras.spinner.throws', { team: owner })
              : t('extras.spinner.flick')
        }}</template>
      </p>
    </header>
    <ol v-if="!many" class="names">
      <li
        v-for="(one, i) in spinner.fields"
        :key="i"
        :style="{ width: `${places[i]!.width * 100}%` }"
        :class="{
          on: told && i === spinner.field,
          off: told && i !== spinner.field,
          low: places[i]!.width < 0.08,
        }"
      >
        <b class="clip">{{ nameOf(one) }}</b>
        <span>{{ oddsOf(one, spinner) }}</span>
      </li>
    </ol>
    <div class="warp">
      <div
        v-for="(one, i) in spinner.fields"
        :key="i"
        class="field"
        :class="{ off: told && i !== spinner.field }"
        :style="{ width: `${places[i]!.width * 100}%` }"
      >
        <i :class="{ woven: told && i === spinner.field }" :style="weaveOf(one.team)" />
      </div>
      <div v-if="!told" ref="shuttle" class="shuttle"><Shuttle /></div>
      <SewnLabel v-if="told && field" class="label" :class="{ left: onLeft }" :style="{ '--at': middle }">
        <b>{{ nameOf(field) }}</b>
        <p>{{ t(`extras.spinner.came.${spinner.what}`, { team: owner }) }}</p>
      </SewnLabel>
    </div>
    <footer>
      <p v-if="told && field">
        {{ t('extras.spinner.chance', { n: field.weight, of: spinner.of }) }}
        <template v-if="field.surprise">{{
          t(`extras.spinner.doesText.${field.surprise.does}`, { team: owner })
        }}</template>
      </p>
      <button v-else-if="!thrown && canThrow" type="button" class="throw" @click="emit('spin', 0.5)">
        {{ t('extras.spinner.throw') }}
      </button>
    </footer>
  </section>
</template>

<style scoped>
.spinner {
  position: absolute;
  inset: 31% 0 0;
  display: flex;
  flex-direction: column;
  gap: calc(1.6 * var(--u));
  padding: calc(2.6 * var(--u)) 0 calc(2 * var(--u));
  background: var(--ground);
  border-top: calc(0.4 * var(--u)) solid var(--flax, #ede6d4);
  touch-action: none;
}
header,
footer {
  display: flex;
  align-items: baseline;
  gap: calc(3 * var(--u));
  padding: 0 calc(5 * var(--u));
}
h2 {
  flex: 1;
  font-size: calc(7 * var(--u));
  line-height: 1.1;
}
p {
  margin: 0;
  color: var(--dim);
}
.names {
  display: flex;
  list-style: none;
  margin: auto 0 0;
  padding: 0;
}
.names li {
  box-sizing: border-box;
  flex: none;
  min-width: 0;
  display: flex;
  flex-direction: column;
  padding: 0 calc(1 * var(--u));
  border-inline-start: calc(0.3 * var(--u)) solid var(--flax, #ede6d4);
  font-size: calc(3.2 * var(--u));
  color: var(--dim);
}
.names li.low b {
  font-size: calc(2.4 * var(--u));
}
.names li.on {
  color: var(--light);
}
.names span {
  white-space: nowrap;
}
.warp {
  position: relative;
  display: flex;
  flex: none;
  height: 38%;
  border-block: calc(0.2 * var(--u)) solid var(--edge);
}
.field {
  box-sizing: border-box;
  position: relative;
  flex: none;
  border-inline-start: calc(0.3 * var(--u)) solid var(--flax, #ede6d4);
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 26%, transparent) 0 1px,
    transparent 1px calc(var(--thread) * 2)
  );
}
.field.off,
.names li.off {
  opacity: 0.55;
}
.field i {
  position: absolute;
  inset: auto 0 0;
  height: 14%;
}
.field i.woven {
  height: 100%;
  transition: height 450ms steps(18);
}
@media (prefers-reduced-motion: reduce) {
  .field i.woven {
    transition: none;
  }
}
.shuttle {
  position: absolute;
  top: 40%;
  left: 5%;
  width: calc(9 * var(--u));
  margin-inline-start: calc(-4.5 * var(--u));
}
.label {
  position: absolute;
  top: 8%;
  left: calc(var(--at) * 100% + 4 * var(--u));
  max-width: 46%;
  padding: calc(2 * var(--u)) calc(4 * var(--u));
  z-index: 1;
}
.label.left {
  left: auto;
  right: calc((1 - var(--at)) * 100% + 4 * var(--u));
}
.label b {
  font-size: calc(8.4 * var(--u));
  overflow-wrap: anywhere;
}
.label p {
  color: inherit;
  font-size: calc(4 * var(--u));
  font-weight: 700;
}
footer {
  min-height: calc(7 * var(--u));
  align-items: center;
}
.throw {
  padding: calc(1 * var(--u)) calc(3 * var(--u));
  border-radius: calc(0.8 * var(--u));
  background: var(--accent);
  color: var(--on-accent);
  font: inherit;
  font-weight: 700;
  cursor: pointer;
}
</style>
