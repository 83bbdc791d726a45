import { wasMissed } from '../report/item.ts';

/** After how many days a question that was missed comes back: longer each time that it was known (common practice). */
export const SPACES = [1, 3, 7, 21] as const;
const DAY = 24 * 3_600_000;

/** How a group did with a question at some time: the mean share of the marks, 0 … 1. */
export interface Asked {
  at: number;
  share: number;
}

/** Where a question stands on its way to being known. */
export interface Spacing {
  /** When it should come back (ms); null where it was never missed, or came back as often as it should. */
  due: number | null;
  /** How often it was known since it was last missed, after the space that it should have. */
  known: number;
  missed: number;
}

/** Where a question stands, by every time that it was asked, in any order. A time that came too early is no step on. */
export function spacingOf(asked: readonly Asked[]): Spacing {
  let step: number | null = null;
  let due: number | null = null;
  let missed = 0;
  for (const one of [...asked].sort((a, b) => a.at - b.at)) {
    if (wasMissed(one)) {
      missed++;
      step = 0;
    } else if (step !== null && due !== null && one.at >= due) step++;
    else continue;
    due = step < SPACES.length ? one.at + SPACES[step]! * DAY : null;
  }
  return { due, known: step ?? 0, missed };
}
