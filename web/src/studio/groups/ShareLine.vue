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
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';

/** Shares from game to game as a line; a practice has another mark. The same stands beside it as a list. */
const { points } = defineProps<{
  points: readonly { label: string; share: number | null; isPractice: boolean }[];
}>();
const { t } = useI18n();
const canvas = ref<HTMLCanvasElement | null>(null);
Chart.register(LineController, LineElement, PointElement, LinearScale, CategoryScale, Tooltip);
let chart: Chart | null = null;
const styles = getComputedStyle(document.documentElement);
const ink = styles.getPropertyValue('--ink') || '#14211d';

function draw(): void {
  chart?.destroy();
  chart = null;
  if (!canvas.value) return;
  Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
  const axis = { ticks: { color: ink }, grid: { color: 'rgba(86, 98, 92, 0.2)' } };
  chart = new Chart(canvas.value, {
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
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      scales: {
        x: { ...axis, ticks: { color: ink, maxTicksLimit: 12 } },
        y: { ...axis, min: 0, max: 100, ticks: { color: ink, callback: (n) => t('groups.percent', { n }) } },
      },
      plugins: {
        legend: { display: false },
        tooltip: { callbacks: { label: ({ parsed }) => t('groups.percent', { n: parsed.y ?? 0 }) } },
      },
    },
  });
}
onMounted(draw);
// Letters on a canvas do not follow when their font comes.
void document.fonts?.ready.then(draw);
watch(() => points, draw, { flush: 'post' });
onBeforeUnmount(() => chart?.destroy());
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
