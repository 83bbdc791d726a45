import type { ClaimContent } from './content.ts';
import { linesOf, rowOf, type Grid } from './rows.ts';

/** A question that was played on a square, and how it ended: in the order in which they ended. */
export interface Attempt {
  play: number;
  square: number;
  /** Who won the square by it, if anybody, and the groups that missed. */
  won: { team: string; group: number } | null;
  missed: readonly number[];
}

export interface ClaimState extends Pick<
  ClaimContent,
  'rows' | 'columns' | 'inARow' | 'open' | 'miss' | 'shows'
> {
  /** For each square the question on it, which is another one after one that was seen in vain; null where there is none. */
  squares: (string | null)[];
  reserve: string[];
  /** What stands on a square, by its question. */
  labels: Map<string, string>;
  /** The teams of each group. */
  groups: string[][];
  attempts: Attempt[];
  /** On which square each team is whose question was asked of it alone, and until when a group has to wait (server ms). */
  on: Map<string, number>;
  waits: Map<number, number>;
  over: boolean;
  lines: number[][];
}

export const groupOf = ({ groups }: Pick<ClaimState, 'groups'>, team: string): number =>
  groups.findIndex((teams) => teams.includes(team));

/** Whoever comes later joins the smallest group, the first of those. */
export function meet({ groups }: ClaimState, team: string): void {
  if (team === '' || groups.length === 0 || groups.some((teams) => teams.includes(team))) return;
  const least = Math.min(...groups.map((teams) => teams.length));
  groups.find((teams) => teams.length === least)!.push(team);
}

/** Who owns each square: whoever won it first. */
export function gridOf({ rows, columns, squares, attempts }: ClaimState): Grid {
  const owners: (number | null)[] = squares.map(() => null);
  for (const { square, won } of attempts) if (won) owners[square] ??= won.group;
  return { rows, columns, owners };
}

/** The team that won a square. */
export const ownerOf = ({ attempts }: ClaimState, square: number): Attempt['won'] =>
  attempts.find((one) => one.square === square && one.won)?.won ?? null;

export const isFree = (state: ClaimState, square: number): boolean =>
  state.squares[square] != null && ownerOf(state, square) === null;

export const freeSquares = (state: ClaimState): number[] =>
  state.squares.flatMap((_, square) => (isFree(state, square) ? [square] : []));

/** The group that had a row first, with its squares. Worked out from how questions ended, so that a ruling changed later changes it as well. */
export function firstRow(state: ClaimState): { group: number; squares: number[] } | null {
  const owners: (number | null)[] = state.squares.map(() => null);
  for (const { square, won } of state.attempts) {
    if (!won || owners[square] !== null) continue;
    owners[square] = won.group;
    const squares = rowOf({ ...state, owners }, state.lines, won.group);
    if (squares) return { group: won.group, squares };
  }
  return null;
}

export const countOf = (owners: readonly (number | null)[], group: number): number =>
  owners.filter((owner) => owner === group).length;

/**
 * Whether a square is closed for a group after a miss. Where all that are left are closed for it, none is: nobody
 * is left without a choice.
 */
export function isBlocked(state: ClaimState, square: number, group: number): boolean {
  if (state.miss !== 'block') return false;
  const closed = (one: number) =>
    state.attempts.some((attempt) => attempt.square === one && attempt.missed.includes(group));
  return closed(square) && !freeSquares(state).every(closed);
}

export const isDone = (state: ClaimState): boolean =>
  state.over || freeSquares(state).length === 0 || firstRow(state) !== null;

export const linesFor = (content: Pick<ClaimContent, 'rows' | 'columns' | 'inARow'>): number[][] =>
  linesOf(content, content.inARow);
