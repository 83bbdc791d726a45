/** So fast (px/ms) is a flick as hard as there is. */
const HARDEST = 3;
/** Less than this (px) is a tap, not a flick. */
const LEAST = 30;

/** A flick of finger or mouse, along or across: calls back with its strength, 0 … 1. */
export function useFlick(done: (strength: number) => void) {
  let from: { x: number; y: number; at: number } | null = null;
  return {
    pointerdown: (event: PointerEvent) => {
      from = { x: event.clientX, y: event.clientY, at: event.timeStamp };
    },
    pointerup: (event: PointerEvent) => {
      if (!from) return;
      const way = Math.hypot(event.clientX - from.x, event.clientY - from.y);
      const took = Math.max(1, event.timeStamp - from.at);
      from = null;
      if (way >= LEAST) done(Math.min(1, way / took / HARDEST));
    },
    pointercancel: () => {
      from = null;
    },
  };
}
