import { refuse, type Refusal } from '../refusal.ts';

/** How long after a step somebody else's press is taken to mean that same step (ms). */
export const SAME_STEP = 1000;

/** The step that was taken last: by which surface (or time itself), and when (server ms). */
export interface LastStep {
  by: string;
  at: number;
}

/**
 * Whether a press for the next step came too soon after somebody else's to have been meant for what
 * follows: two hosts who press together take one step, not two.
 */
export function overtaken(last: LastStep | null, by: string, now: number): Refusal | null {
  if (!last || last.by === by || now - last.at >= SAME_STEP) return null;
  return refuse('overtaken', last.by === TIME ? 'timeStepped' : 'otherStepped');
}

/** Whoever takes a step without anybody pressing. */
export const TIME = 'time';
