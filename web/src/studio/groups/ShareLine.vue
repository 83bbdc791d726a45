<script setup lang="ts">
import {
  Chart,
  CategoryScale,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { chartAxis, chartInk, useChart } from '../../design/useChart.ts';

/** Shares from game to game as a line; a practice has another mark. The same stands beside it as a list. */
const { points } = defineProps<{
  points: readonly { label: string; share: number | null; isPractice: boolean }[];
}>();
const { t } = useI18n();
const canvas = ref<HTMLCanvasElement | null>(null);
Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Tooltip);
const ink = chartInk();

useChart(canvas, () => ({
  type: 'line',
  data: {
    labels: points.map(({ label }) => label),
    datasets: [
      {
        data: points.map(({ share }) => (share === null ? null : Math.round(share * 100))),
        borderColor: ink,
        backgroundColor: ink,
        borderWidth: 2,
        pointRadius: 5,
        pointStyle: points.map(({ isPractice }) => (isPractice ? 'rectRot' : 'circle')),
        spanGaps: true,
      },
    ],
  },
  options: {
    scales: {
      x: { ...chartAxis(), ticks: { color: ink, maxTicksLimit: 12 } },
      y: {
        ...chartAxis(),
        min: 0,
        max: 100,
        ticks: { color: ink, callback: (n) => t('groups.percent', { n }) },
      },
    },
    plugins: {
      legend: { display: false },
      tooltip: { callbacks: { label: ({ parsed }) => t('groups.percent', { n: parsed.y ?? 0 }) } },
    },
  },
}));
</script>

<template>
  <div class="plot">
    <canvas ref="canvas" role="img" :aria-label="t('groups.chartIs', { n: points.length })" />
  </div>
</template>

<style scoped>
.plot {
  position: relative;
  height: 240px;
}
</style>
