import { effect, stop, type Ref } from 'vue';

/**
 * Tells of every change anywhere in a document, and once more when none came for `pause` ms (at the
 * latest after `most` ms of going on). To know where changes are to be noticed the whole document is
 * walked, which takes longer the more it holds: a deep watcher would do that at every key, here it
 * is done once people rest.
 * @returns `settle` to be told of the rest at once, where one is due, and `end`.
 */
export function onDeepChange(
  source: Ref<unknown>,
  { changed, rest, pause, most }: { changed: () => void; rest: () => void; pause: number; most: number },
): { settle: () => void; end: () => void } {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let since = 0;
  const runner = effect(() => walk(source.value), {
    scheduler: () => {
      const now = Date.now();
      if (timer === undefined) since = now;
      clearTimeout(timer);
      timer = setTimeout(settle, Math.max(0, Math.min(pause, since + most - now)));
      changed();
    },
  });
  function settle(): void {
    if (timer === undefined) return;
    clearTimeout(timer);
    timer = undefined;
    runner();
    rest();
  }
  return {
    settle,
    end: () => {
      clearTimeout(timer);
      stop(runner);
    },
  };
}

/** Reads everything there is, so that the effect that runs notices where it changes. */
function walk(value: unknown): void {
  if (typeof value !== 'object' || value === null) return;
  for (const one of Object.values(value)) walk(one);
}
