<script setup lang="ts">
import type { ScoreHistory } from '@distaff/core/report';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { server } from '../api/server.ts';
import { useCause } from '../design/useCause.ts';
import { useFormat } from '../design/useFormat.ts';
import WeaveSwatch from '../design/WeaveSwatch.vue';
import { useResults } from './results.ts';

/** How every score came about: as lines over the evening, and change by change. */
const ScoreChart = defineAsyncComponent(() => import('./ScoreChart.vue'));
const { t } = useI18n();
const { points, change } = useFormat();
const results = useResults();
const causeOf = useCause();
const history = ref<ScoreHistory | null>(null);
const problem = ref('');
const team = ref<string | null>(null);
const standings = computed(() => results.data!.results.standings);
const teams = computed(() => [
  { value: null, title: t('report.history.all') },
  ...standings.value.map(({ id, team: name }) => ({ value: id, title: name })),
]);
const nameOf = computed(() => new Map(standings.value.map((one) => [one.id, one])));
const LINE = 44;

watch(
  [team, () => results.turn],
  async () => {
    const asked = team.value;
    try {
      const answer = await server.scores(results.id, asked);
      if (asked === team.value) history.value = answer;
      problem.value = '';
    } catch (error) {
      problem.value = (error as Error).message;
    }
  },
  { immediate: true },
);
</script>

<template>
  <div class="stack">
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="!history" role="status">{{ t('common.loading') }}</p>
    <template v-if="history">
      <p v-if="history.of === 0 && team === null" class="muted">{{ t('report.history.none') }}</p>
      <template v-else>
        <ScoreChart :teams="history.teams" />
        <p v-if="standings.length > history.teams.length" class="muted">
          {{ t('report.history.best', { n: history.teams.length, of: standings.length }) }}
        </p>
        <section class="card">
          <header class="row">
            <h2 class="grow">{{ t('report.history.lines') }}</h2>
            <v-autocomplete
              v-model="team"
              class="team"
              hide-details
              :label="t('report.history.team')"
              :items="teams"
            />
          </header>
          <p v-if="history.of > history.lines.length" class="muted">
            {{ t('report.history.last', { n: history.lines.length, of: history.of }) }}
          </p>
          <v-virtual-scroll class="lines" :items="history.lines" :item-height="LINE">
            <template #default="{ item: line }">
              <div class="line">
                <WeaveSwatch v-if="nameOf.get(line.team)" :weave="nameOf.get(line.team)!.weave" />
                <b class="clip" dir="auto">{{ nameOf.get(line.team)?.team }}</b>
                <span class="why" dir="auto">{{ causeOf(line) }}</span>
                <b class="figure">{{ change(line.amount) }}</b>
                <span class="figure muted">{{ points(line.score) }}</span>
              </div>
            </template>
          </v-virtual-scroll>
        </section>
      </template>
    </template>
  </div>
</template>

<style scoped>
.stack {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
header {
  flex-wrap: wrap;
}
h2,
p {
  margin: 0;
}
.team {
  max-width: 260px;
}
.lines {
  max-height: 60dvh;
  margin-top: 8px;
}
.line {
  display: grid;
  grid-template-columns: auto minmax(80px, 160px) 1fr 72px 72px;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.why {
  overflow-wrap: anywhere;
}
.figure {
  text-align: end;
  font-variant-numeric: tabular-nums;
}
@media (max-width: 600px) {
  .line {
    grid-template-columns: auto 1fr 64px;
  }
  .why {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .line .muted {
    display: none;
  }
}
</style>
