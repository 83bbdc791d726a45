<script setup lang="ts">
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { marks } from '../design/marks.ts';
import { usePractice } from './practice.ts';
import { useDue } from './useDue.ts';

/** Past its date: what came of it, to be looked at, and to be played for oneself. */
const practice = usePractice();
const { t } = useI18n();
const { when } = useDue();
const head = computed(() => practice.head!);
const counted = computed(() => practice.me?.runs.filter(({ kind }) => kind === 'counted') ?? []);
const points = computed(() => practice.me?.points ?? null);
const last = computed(() => counted.value.at(-1) ?? null);
async function playAgain(): Promise<void> {
  // Nobody is asked for a name where nothing is counted any more.
  if (practice.me === null && !(await practice.enter(head.value.settings.names === 'list' ? '' : 'You')))
    return;
  await practice.begin('own');
}
const mayPlay = computed(() => practice.me !== null || head.value.settings.names !== 'list');
</script>

<template>
  <section class="closed">
    <div class="warp" />
    <div class="body">
      <h1>{{ head.title }}</h1>
      <p>
        {{
          head.settings.due && head.settings.due.at < head.now
            ? t('practice.closedAt', { when })
            : t('practice.closedByHost')
        }}
      </p>
      <template v-if="practice.me">
        <hr />
        <template v-if="points !== null">
          <p class="dim">{{ t('practice.yourResult') }}</p>
          <p class="result">{{ t('practice.pointsOf', { points: marks(points), outOf: head.outOf }) }}</p>
          <p class="dim">
            {{ t(`practice.of.${head.settings.counts}`, counted.length, { named: { n: counted.length } }) }}
          </p>
        </template>
        <p v-else>{{ t('practice.noResult') }}</p>
      </template>
      <div class="ways">
        <v-btn v-if="last" color="primary" size="x-large" block @click="practice.goOnWith(last.id)">{{
          t('practice.seeAll')
        }}</v-btn>
        <v-btn v-if="mayPlay" variant="outlined" size="x-large" block @click="playAgain">{{
          t('practice.playAgain')
        }}</v-btn>
        <p v-if="practice.notice" role="alert">{{ practice.notice }}</p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.closed,
.body {
  flex: 1;
  display: flex;
  flex-direction: column;
}
.warp {
  flex: none;
  height: 176px;
  background: repeating-linear-gradient(
    to right,
    color-mix(in srgb, var(--light) 22%, transparent) 0 1px,
    transparent 1px 6px
  );
  /* Cut in the middle. */
  mask: linear-gradient(#000, transparent 38%, transparent 62%, #000);
}
.body {
  gap: 10px;
  padding: 16px;
  font-size: 18px;
}
h1 {
  font-size: 28px;
  overflow-wrap: anywhere;
}
p {
  margin: 0;
}
hr {
  width: 100%;
  border: 0;
  border-top: 1px solid var(--edge);
}
.dim {
  color: var(--dim);
  font-size: 16px;
}
.result {
  font-family: var(--display);
  font-size: 34px;
  font-weight: 700;
}
.ways {
  display: flex;
  flex-direction: column;
  gap: 12px;
  margin-top: auto;
}
</style>
