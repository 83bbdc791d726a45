<script setup lang="ts">
import type { Learnt } from '@distaff/core/learn';
import { learntLevel } from '@distaff/core/learn';
import { Chart, LinearScale, PointElement, ScatterController, Tooltip } from 'chart.js';
import { computed, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useFormat } from '../../design/useFormat.ts';
import { chartAxis, chartInk, useChart } from '../../design/useChart.ts';

/** Questions by difficulty and by how well they tell people apart; hollow where few answers say little. */
const { questions } = defineProps<{ questions: readonly Learnt[] }>();
const { t } = useI18n();
const { decimal } = useFormat();
const canvas = ref<HTMLCanvasElement | null>(null);
Chart.register(ScatterController, PointElement, LinearScale, Tooltip);
const ink = chartInk();
const shown = computed(() => questions.filter(({ discrimination }) => discrimination !== null));
const LONGEST = 60;

useChart(canvas, () => ({
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
    scales: { x: chartAxis(t('learnt.across')), y: { ...chartAxis(t('learnt.upwards')), max: 1 } },
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
}));
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
