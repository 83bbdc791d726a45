import { useResizeObserver } from '@vueuse/core';
import { nextTick, onMounted, watch, type Ref } from 'vue';

/**
 * Makes a box's content fit into it, whatever is written there: while it stands over, the next of so many
 * levels is tried, each giving a little more way. The level is told to the styles as `data-fit` and as
 * the factor `--fit` for sizes of type; what gives way, and when, stands there.
 */
export function useFit(box: Ref<HTMLElement | null>, content: () => unknown, sizes: readonly number[]): void {
  function fit(): void {
    const element = box.value;
    if (!element || element.clientHeight === 0) return;
    for (const [level, size] of sizes.entries()) {
      element.dataset.fit = String(level);
      element.style.setProperty('--fit', String(size));
      if (element.scrollHeight <= element.clientHeight + 1) return;
    }
  }
  watch(content, () => void nextTick(fit), { flush: 'post' });
  onMounted(fit);
  // Formulas and pictures come later, and the window changes.
  useResizeObserver(box, fit);
  useResizeObserver(
    () => (box.value ? ([...box.value.children] as HTMLElement[]) : []),
    () => fit(),
  );
}
