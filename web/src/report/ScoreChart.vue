<script setup lang="ts">
import type { ScoreHistory } from '@distaff/core/report';
import { Chart, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { dyeColours } from '../design/tokens.ts';
import { useFormat } from '../design/useFormat.ts';
import LineKey from './LineKey.vue';
import { lineStyle } from './lineStyle.ts';
import { chartAxis, useChart } from '../design/useChart.ts';

/** How scores went over the evening: a line for each team, told apart by dashes and marks as well; the same as a table. */
const { teams } = defineProps<{ teams: ScoreHistory['teams'] }>();
const { t } = useI18n();
const { points, decimal } = useFormat();
const canvas = ref<HTMLCanvasElement | null>(null);
const asTable = ref(false);
Chart.register(LineController, LineElement, PointElement, LinearScale, Tooltip);

const minutes = (second: number) => second / 60;
const last = computed(() => Math.max(0, ...teams.flatMap((team) => team.points.at(-1)?.[0] ?? 0)));
const data = computed(() =>
  teams.map((team, n) => {
    const { dash, mark } = lineStyle(n);
    const colour = dyeColours[team.weave.warp];
    // Each line reaches to the end of the evening: a score stays what it is.
    const ends: [number, number][] = [...team.points, [last.value, team.points.at(-1)![1]]];
    return {
      label: team.name,
      data: ends.map(([second, score]) => ({ x: minutes(second), y: score })),
      stepped: true as const,
      borderColor: colour,
      backgroundColor: colour,
      borderDash: dash,
      pointStyle: mark,
      pointRadius: team.points.length > 60 ? 0 : 3,
      borderWidth: 2,
    };
  }),
);
/** Every moment at which a score changed, thinned to so many rows. */
const ROWS = 60;
const rows = computed(() => {
  const moments = [...new Set(teams.flatMap((team) => team.points.map(([second]) => second)))].sort(
    (a, b) => a - b,
  );
  const step = Math.max(1, Math.ceil(moments.length / ROWS));
  const shown = moments.filter((_, i) => i % step === 0 || i === moments.length - 1);
  return shown.map((second) => ({
    second,
    scores: teams.map((team) => team.points.findLast(([at]) => at <= second)?.[1] ?? 0),
  }));
});

useChart(canvas, () => ({
  type: 'line',
  data: { datasets: data.value },
  options: {
    interaction: { mode: 'nearest', intersect: false },
    scales: {
      x: {
        type: 'linear',
        ...chartAxis(t('report.history.minutes')),
      },
      y: chartAxis(t('report.brought')),
    },
    plugins: {
      legend: { display: false },
      tooltip: {
        callbacks: {
          title: ([one]) => t('report.inMinutes', { n: decimal(one?.parsed.x ?? 0, 1) }),
          label: ({ dataset, parsed }) => `${dataset.label}: ${points(parsed.y ?? 0)}`,
        },
      },
    },
  },
}));
</script>

<template>
  <section class="card">
    <header class="row">
      <h2 class="grow">{{ t('report.history.chart') }}</h2>
      <v-btn variant="outlined" size="small" :aria-pressed="asTable" @click="asTable = !asTable">{{
        t(asTable ? 'report.asChart' : 'report.asTable')
      }}</v-btn>
    </header>
    <div v-if="!asTable" class="plot">
      <canvas
        ref="canvas"
        role="img"
        :aria-label="t('report.history.chartIs', teams.length, { named: { n: teams.length } })"
      />
    </div>
    <LineKey v-if="!asTable" :lines="teams" />
    <!-- What the lines say is there for those who hear it, too. -->
    <div
      v-if="asTable"
      class="scroll sideways"
      tabindex="0"
      role="region"
      :aria-label="t('report.history.chart')"
    >
      <table>
        <thead>
          <tr>
            <th scope="col">{{ t('report.history.minutes') }}</th>
            <th v-for="team in teams" :key="team.id" scope="col" dir="auto">{{ team.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.second">
            <th scope="row">{{ decimal(minutes(row.second), 1) }}</th>
            <td v-for="(score, i) in row.scores" :key="i">{{ points(score) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 0;
}
.plot {
  position: relative;
  height: 380px;
  margin-top: 12px;
}
.scroll {
  overflow-x: auto;
  max-height: 420px;
  margin-top: 12px;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th,
td {
  padding: 6px 12px;
  border-bottom: 1px solid var(--line);
  text-align: end;
  font-variant-numeric: tabular-nums;
}
</style>
