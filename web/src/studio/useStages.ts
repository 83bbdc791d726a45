import { onBeforeUnmount, ref, watch } from 'vue';

/**
 * Counts up to `last`, a step each time that a picture was drawn, from the moment that something is there:
 * a large page is put up in parts, and between them it listens.
 */
export function useStages(isThere: () => boolean, last: number) {
  const stage = ref(0);
  let gone = false;
  const next = () => {
    if (gone || stage.value >= last) return;
    stage.value++;
    requestAnimationFrame(() => setTimeout(next));
  };
  watch(isThere, (there) => there && requestAnimationFrame(() => setTimeout(next)), { immediate: true });
  onBeforeUnmount(() => (gone = true));
  return stage;
}
