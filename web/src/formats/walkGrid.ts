const steps: Record<string, readonly [down: number, right: number]> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
};

/** Puts the focus on the first button of a grid that can be pressed. */
export const focusFirst = (grid: HTMLElement | null): void =>
  grid?.querySelector<HTMLButtonElement>('button:not(:disabled)')?.focus();

/**
 * Arrow keys lead to the next button of a grid in their direction; those that cannot be pressed are jumped over.
 * Each has its place as `data-at="row:column"`.
 */
export function walkGrid(event: KeyboardEvent, grid: HTMLElement | null): void {
  const step = steps[event.key];
  const at = (event.currentTarget as HTMLElement).dataset.at;
  if (!step || !at || !grid) return;
  event.preventDefault();
  let [row, column] = at.split(':').map(Number) as [number, number];
  for (;;) {
    [row, column] = [row + step[0], column + step[1]];
    const found = grid.querySelector<HTMLButtonElement>(`[data-at="${row}:${column}"]`);
    if (!found) return;
    if (!found.disabled) return found.focus();
  }
}
