import { computed, toValue, type ComputedRef, type MaybeRefOrGetter } from 'vue';

/** How long a page of a long list stays on the stage (ms). */
const STAYS = 8000;

export interface Pages<T> {
  shown: ComputedRef<readonly T[]>;
  /** Places of the first and last one shown, from 1. */
  from: ComputedRef<number>;
  to: ComputedRef<number>;
  many: ComputedRef<boolean>;
}

/** A long list page by page, the first one first, whenever it is shown. */
export function usePages<T>(
  list: MaybeRefOrGetter<readonly T[]>,
  size: MaybeRefOrGetter<number>,
  now: MaybeRefOrGetter<number>,
): Pages<T> {
  const pages = computed(() => Math.max(1, Math.ceil(toValue(list).length / toValue(size))));
  const since = toValue(now);
  const page = computed(() => Math.floor(Math.max(0, toValue(now) - since) / STAYS) % pages.value);
  const start = computed(() => page.value * toValue(size));
  const shown = computed(() => toValue(list).slice(start.value, start.value + toValue(size)));
  return {
    shown,
    from: computed(() => start.value + 1),
    to: computed(() => start.value + shown.value.length),
    many: computed(() => pages.value > 1),
  };
}
