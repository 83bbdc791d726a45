import { useIntervalFn } from '@vueuse/core';
import { ref, type Ref } from 'vue';
import { useSitting } from './sitting.ts';

/** The server's time (ms), as far as this device knows it, ten times a second. */
export function useServerNow(): Ref<number> {
  const sitting = useSitting();
  const now = ref(sitting.serverNow());
  useIntervalFn(() => (now.value = sitting.serverNow()), 100);
  return now;
}
