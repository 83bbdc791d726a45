import { Chart, type ChartConfiguration, type ChartType } from 'chart.js';
import { onBeforeUnmount, onMounted, watch, type Ref } from 'vue';

/** The colour of letters and lines, and of the grid behind them. */
export const chartInk = (): string =>
  getComputedStyle(document.documentElement).getPropertyValue('--ink') || '#14211d';
export const chartAxis = (title = '') => ({
  ticks: { color: chartInk() },
  grid: { color: 'rgba(86, 98, 92, 0.2)' },
  ...(title === '' ? {} : { title: { display: true, text: title, color: chartInk() } }),
});

/** Draws a chart on a canvas, anew whenever its configuration changes, and once the letters of the page are there. */
export function useChart<T extends ChartType>(
  canvas: Ref<HTMLCanvasElement | null>,
  configuration: () => ChartConfiguration<T>,
): void {
  let chart: Chart | null = null;
  function draw(): void {
    chart?.destroy();
    chart = null;
    if (!canvas.value) return;
    Chart.defaults.font.family = getComputedStyle(document.body).fontFamily;
    const { options, ...rest } = configuration();
    const always = { animation: false, responsive: true, maintainAspectRatio: false };
    chart = new Chart(canvas.value, { ...rest, options: { ...always, ...options } } as ChartConfiguration);
  }
  onMounted(draw);
  // Letters on a canvas do not follow when their font comes.
  void document.fonts?.ready.then(draw);
  watch([canvas, configuration], draw, { flush: 'post' });
  onBeforeUnmount(() => {
    chart?.destroy();
    canvas.value = null;
  });
}
