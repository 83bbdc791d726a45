import type { SpinnerView } from '@distaff/core/sitting';
import { usePreferredReducedMotion, useTimeoutFn } from '@vueuse/core';
import { ref, watch } from 'vue';
import { passesOf } from './useSpinner.ts';

/** Whether what came up may be told already: once the shuttle lies still; at once where nothing is to move. */
export function useThrown(spinner: () => SpinnerView | null, now: () => number) {
  const motion = usePreferredReducedMotion();
  const told = ref(false);
  const wait = ref(0);
  const { start, stop } = useTimeoutFn(() => (told.value = true), wait, { immediate: false });
  watch(
    () => spinner()?.spunAt ?? null,
    (spunAt) => {
      stop();
      const own = spinner();
      told.value = false;
      if (spunAt === null || !own) return;
      const left = motion.value === 'reduce' ? 0 : spunAt + passesOf(own.passes).total - now();
      if (left <= 0) told.value = true;
      else {
        wait.value = left;
        start();
      }
    },
    { immediate: true },
  );
  return told;
}
