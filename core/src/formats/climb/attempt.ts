/** One rung that was played: by which question, and whether it was right. */
export interface Rung {
  play: number;
  right: boolean;
}

/** One climb. */
export interface Attempt {
  team: string;
  /** From the lowest rung up; the first that is not right ends it. */
  rungs: Rung[];
  stopped: boolean;
  /** How often each assist was used, and on which rungs (from 1). */
  used: { assist: string; rung: number }[];
}

/** How many rungs were reached: those that were right, up to the first that was not. */
export function reached({ rungs }: Attempt): number {
  const miss = rungs.findIndex(({ right }) => !right);
  return miss < 0 ? rungs.length : miss;
}

export const missed = ({ rungs }: Attempt): boolean => rungs.some(({ right }) => !right);

/** The value of the highest rest at or below a rung; 0 below the first. */
export function restBelow(rung: number, values: readonly number[], rests: readonly number[]): number {
  const kept = rests.filter((rest) => rest <= rung);
  return kept.length === 0 ? 0 : (values[Math.max(...kept) - 1] ?? 0);
}

/** The value of a rung; 0 on the ground. */
export const valueOf = (rung: number, values: readonly number[]): number =>
  rung === 0 ? 0 : (values[rung - 1] ?? 0);

/** Whether a climb is over: stopped, missed, or at the top. */
export const isOver = (attempt: Attempt, values: readonly number[]): boolean =>
  attempt.stopped || missed(attempt) || reached(attempt) >= values.length;

/**
 * What a climb brings: nothing while it goes on; by a miss the rest below it, else the value of the rung that was
 * reached. Worked out from how its rungs ended, so that a ruling changed later changes it as well.
 */
export function worthOf(attempt: Attempt, values: readonly number[], rests: readonly number[]): number {
  if (!isOver(attempt, values)) return 0;
  const at = reached(attempt);
  return missed(attempt) ? restBelow(at, values, rests) : valueOf(at, values);
}
