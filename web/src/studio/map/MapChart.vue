<script setup lang="ts">
import type { Learnt } from '@distaff/core/learn';
import { learntLevel } from '@distaff/core/learn';
import { Chart, LinearScale, PointElement, ScatterController, Tooltip } from 'chart.js';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';

/** Questions by difficulty and by how well they tell people apart; hollow where few answers say little. */
const { questions } = defineProps<{ questions: readonly Learnt[] }>();
const { t } = useI18n();
const { decimal } = useFormat();
const canvas = ref<HTMLCanvasElement | null>(null);
Chart.register(ScatterController, PointElement, LinearScale, Tooltip);
let chart: Chart | null = null;
const styles = getComputedStyle(document.documentElement);
const ink = styles.getPropertyValue('--ink') || '#14211d';
const shown = computed(() => questions.filter(({ discrimination }) => discrimination !== null));
const LONGEST = 60;

function draw(): void {
  chart?.destroy();
  chart = null;
  if (!canvas.value) return;
  Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
  const axis = (text: string) => ({
    ticks: { color: ink },
    grid: { color: 'rgba(86, 98, 92, 0.2)' },
    title: { display: true, text, color: ink },
  });
  chart = new Chart(canvas.value, {
    type: 'scatter',
    data: {
      datasets: [
        {
          data: shown.value.map(({ difficulty, discrimination }) => ({ x: difficulty, y: discrimination! })),
          borderColor: ink,
          borderWidth: 2,
          pointRadius: 6,
          pointBackgroundColor: shown.value.map((one) => (learntLevel(one) === null ? 'transparent' : ink)),
          pointStyle: shown.value.map(({ discrimination }) => (discrimination! < 0 ? 'triangle' : 'circle')),
        },
      ],
    },
    options: {
      animation: false,
      responsive: true,
      maintainAspectRatio: false,
      scales: { x: axis(t('learnt.across')), y: { ...axis(t('learnt.upwards')), max: 1 } },
      plugins: {
        legend: { display: false },
        tooltip: {
          callbacks: {
            label: ({ dataIndex }) => {
              const one = shown.value[dataIndex]!;
              return `${one.prompt.slice(0, LONGEST)} – ${t('learnt.percent', { n: decimal(one.share * 100, 0) })}`;
            },
          },
        },
      },
    },
  });
}
onMounted(draw);
// Letters on a canvas do not follow when their font comes.
void document.fonts?.ready.then(draw);
watch(() => questions, draw, { flush: 'post' });
onBeforeUnmount(() => chart?.destroy());
</script>

<template>
  <div class="plot">
    <canvas ref="canvas" role="img" :aria-label="t('learnt.mapIs', { n: shown.length })" />
  </div>
</template>

<style scoped>
.plot {
  position: relative;
  height: 460px;
}
</style>
