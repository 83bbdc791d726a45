import { onScopeDispose, ref, type Ref } from 'vue';
import { useSitting } from './sitting.ts';

/** The server's time (ms), as far as this device knows it, ten times a second. */
export function useServerNow(): Ref<number> {
  const sitting = useSitting();
  const now = ref(Date.now() + sitting.offset);
  const timer = setInterval(() => (now.value = Date.now() + sitting.offset), 100);
  onScopeDispose(() => clearInterval(timer));
  return now;
}
