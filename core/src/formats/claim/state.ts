import type { ClaimContent } from './content.ts';
import { linesOf, rowOf, type Owners } from './rows.ts';

/** A question that was played on a square, and how it ended: in the order in which they ended. */
export interface Attempt {
  play: number;
  square: number;
  /** The host says whose the square is: that stands in place of how its question ended. */
  given?: true;
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

/** How the board stands. */
export interface Standing {
  /** Who won each square, and the group that owns it. */
  won: Attempt['won'][];
  owners: (number | null)[];
  /** Squares that can still be taken. */
  free: number[];
  /** The group that had a row first, with its squares. */
  row: { group: number; squares: number[] } | null;
}

/**
 * Worked out anew from how questions ended, so that a ruling changed later changes it as well: a square belongs to
 * whoever won it first, the round to whoever had a row first.
 */
export function standingOf({ squares, attempts, lines }: ClaimState): Standing {
  const won: Attempt['won'][] = squares.map(() => null);
  const owners: (number | null)[] = squares.map(() => null);
  let row: Standing['row'] = null;
  const given = new Map(attempts.filter((one) => one.given).map(({ square, won: by }) => [square, by]));
  for (const attempt of attempts) {
    if ((!attempt.won && !attempt.given) || won[attempt.square]) continue;
    const by = given.has(attempt.square) ? given.get(attempt.square)! : attempt.won;
    if (!by) continue;
    won[attempt.square] = by;
    owners[attempt.square] = by.group;
    row ??= rowBy(owners, lines, by.group);
  }
  const free = squares.flatMap((id, square) => (id !== null && owners[square] === null ? [square] : []));
  return { won, owners, free, row };
}

const rowBy = (owners: Owners, lines: readonly number[][], group: number): Standing['row'] => {
  const squares = rowOf(owners, lines, group);
  return squares && { group, squares };
};

export const countOf = ({ owners }: Standing, group: number): number =>
  owners.filter((owner) => owner === group).length;

/**
 * The squares that a group may take on. After a miss one may be closed for it; where all that are left are, none is:
 * nobody is left without a choice.
 */
export function openTo({ attempts, miss }: ClaimState, { free }: Standing, group: number): number[] {
  if (miss !== 'block') return free;
  const closed = new Set(attempts.filter(({ missed }) => missed.includes(group)).map(({ square }) => square));
  const open = free.filter((square) => !closed.has(square));
  return open.length > 0 ? open : free;
}

export const isDone = ({ over }: ClaimState, { free, row }: Standing): boolean =>
  over || free.length === 0 || row !== null;

export const linesFor = (content: Pick<ClaimContent, 'rows' | 'columns' | 'inARow'>): number[][] =>
  linesOf(content, content.inARow);
