import { onMounted, onUnmounted } from 'vue';
import { useRoute } from 'vue-router';
import { useSitting } from '../live/sitting.ts';

/** Connects an overlay to its sitting: it sees what the stage sees, and never acts. */
export function useOverlay() {
  const route = useRoute();
  const sitting = useSitting();
  onMounted(() => {
    const code = String(route.params.code);
    const key = route.hash.slice(1);
    sitting.connect(() => (key ? { as: 'stage', code, key } : { as: 'stage', code }));
  });
  onUnmounted(() => sitting.leave());
  return sitting;
}
