<script setup lang="ts">
import { computed, ref } from 'vue';
import type { StageView } from '@distaff/core/sitting';
import { useI18n } from 'vue-i18n';
import ClothGrid from '../../design/ClothGrid.vue';
import CreditList from '../../design/media/CreditList.vue';
import { haveRoom } from '../../design/headline.ts';
import StandingBars from '../../design/StandingBars.vue';
import { useWonLines } from '../../design/useWonLines.ts';
import { useFormat } from '../../design/useFormat.ts';
import { useFit } from '../../design/useFit.ts';
import { usePages } from '../../design/usePages.ts';

/** The close: the winners' names set large, the cloth as it was woven, and a band a team. */
const { view, now } = defineProps<{ view: StageView; now: number }>();
const { t } = useI18n();
const { list } = useFormat();
const winners = computed(() => view.teams.filter((team) => team.place === 1).map((team) => team.name));
const won = computed(() =>
  !haveRoom(winners.value)
    ? t('stage.shareMany', { n: winners.value.length })
    : t(winners.value.length > 1 ? 'stage.share' : 'stage.wins', { names: list(winners.value) }),
);
/** Where nothing was won, nobody has won. */
const placed = computed(() => view.teams.some((team) => team.score !== 0 || team.place !== 1));
const wonLines = useWonLines(() => view);
const LINES = 12;
const { shown } = usePages(
  () => [...view.teams].sort((a, b) => a.place - b.place),
  LINES,
  () => now,
);
const box = ref<HTMLElement | null>(null);
useFit(box, () => view, [1, 0.85, 0.72, 0.6, 0.5, 0.42, 0.35]);
</script>

<template>
  <section ref="box" class="close">
    <h2>{{ placed ? won : view.title }}</h2>
    <ClothGrid v-if="view.cloth?.length" class="cloth" :cloth="view.cloth" :teams="view.teams" />
    <div class="final">
      <h3>{{ t('stage.final') }}</h3>
      <StandingBars class="bars" :teams="shown" :of="view.teams" />
      <p v-for="line in wonLines" :key="line" class="own">{{ line }}</p>
      <section v-if="view.credits.length" class="credits">
        <h3>{{ t('common.credits') }}</h3>
        <CreditList :credits="view.credits" />
      </section>
    </div>
  </section>
</template>

<style scoped>
.close {
  height: 100%;
  display: grid;
  grid-template-columns: 1fr 1fr;
  grid-template-rows: auto 1fr;
  gap: calc(3 * var(--u) * var(--fit, 1)) calc(5 * var(--u));
  overflow: hidden;
}
h2 {
  grid-column: 1 / -1;
  font-size: calc(9 * var(--u) * var(--fit, 1));
  text-wrap: balance;
  color: var(--accent);
}
h3 {
  font-size: calc(3 * var(--u));
  color: var(--dim);
  margin-bottom: calc(1.5 * var(--u));
}
.cloth {
  --cell-edge: var(--edge);
  font-size: calc(2.2 * var(--u));
  animation: unroll 300ms ease-out;
}
h2 {
  overflow-wrap: anywhere;
}
.own {
  margin: calc(1 * var(--u)) 0 0;
  font-size: calc(2.6 * var(--u));
}
.credits {
  margin-top: calc(2 * var(--u));

  font-size: calc(1.9 * var(--u));
  color: var(--dim);
}
/* All of them stand in the interlude of thanks. */
.credits :deep(ul) {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 4;
  overflow: hidden;
}
.final {
  display: flex;
  flex-direction: column;
  min-height: 0;
}
.bars {
  flex: 1 0 auto;
  font-size: calc(2.7 * var(--u) * max(var(--fit, 1), 0.6));
}
@keyframes unroll {
  from {
    clip-path: inset(0 0 100% 0);
  }
  to {
    clip-path: inset(0);
  }
}
</style>
