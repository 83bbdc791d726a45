import type { Random } from '../../random/shuffle.ts';
import type { Page, Special, TrailContent } from './content.ts';

export interface TrailState extends Pick<TrailContent, 'spaces' | 'goal' | 'target' | 'pass'> {
  specials: ReadonlyMap<number, Special>;
  gain: number;
  pages: Page[];
  /** The page that is on the stage, or null. */
  page: number | null;
  /** What can be asked on each space, and what was since all of it was used. */
  pool: Map<number, Asking[]>;
  used: Map<number, Set<string>>;
  /** How far each has come since the start, in spaces. */
  steps: Map<string, number>;
  /** What was rolled for whom, until its question is over. */
  rolled: { team: string; face: number; from: number; to: number } | null;
  last: { team: string; face: number } | null;
  /** What each has earned in it. */
  balances: Map<string, number>;
  /** By the number of a play: where it stood, and who was right with it. */
  right: Map<number, { space: number; team: string }>;
  over: boolean;
}

/** The space on which somebody stands. */
export const spaceOf = ({ steps, spaces }: Pick<TrailState, 'steps' | 'spaces'>, team: string): number =>
  (steps.get(team) ?? 0) % spaces;

export const lapOf = ({ steps, spaces }: Pick<TrailState, 'steps' | 'spaces'>, team: string): number =>
  Math.floor((steps.get(team) ?? 0) / spaces);

interface Asking {
  id: string;
  points: number;
}

/**
 * Questions dealt out to spaces one after the other, at most so many each; where there are fewer questions than
 * spaces, some stand on several.
 */
export function spread(
  order: readonly Asking[],
  spaces: readonly number[],
  most: number,
): Map<number, Asking[]> {
  const pool = new Map<number, Asking[]>();
  const count = Math.min(Math.max(order.length, spaces.length), spaces.length * most);
  for (let i = 0; order.length > 0 && i < count; i++) {
    const space = spaces[i % spaces.length]!;
    pool.set(space, [...(pool.get(space) ?? []), order[i % order.length]!]);
  }
  return pool;
}

/** A question that was not asked on this space yet; once all were, any of them. */
export function questionOn(
  { pool, used }: Pick<TrailState, 'pool' | 'used'>,
  space: number,
  random: Random,
): Asking | undefined {
  const all = pool.get(space) ?? [];
  const seen = used.get(space);
  const fresh = all.filter(({ id }) => !seen?.has(id));
  const from = fresh.length > 0 ? fresh : all;
  return from[Math.floor(random() * from.length)];
}

/** Keeps in mind that a question was asked; with the last of a space all of them are fresh again. */
export function useUp({ pool, used }: Pick<TrailState, 'pool' | 'used'>, space: number, id: string): void {
  const all = pool.get(space) ?? [];
  const seen = new Set(used.get(space)).add(id);
  used.set(space, all.every((one) => seen.has(one.id)) ? new Set() : seen);
}

export const reached = ({ goal, target, balances }: TrailState): string | null =>
  goal === 'first' ? ([...balances].find(([, balance]) => balance >= target)?.[0] ?? null) : null;
