import type { ClaimContent } from './content.ts';
import { oneShort } from './rows.ts';
import { countOf, isDone, openTo, standingOf, type ClaimState, type Standing } from './state.ts';

export interface ClaimView extends Pick<ClaimContent, 'rows' | 'columns' | 'inARow' | 'open'> {
  format: 'claim';
  /** `label` is its topic or first words; empty where its number stands on it. `isThere` says whether it can be played. */
  squares: {
    label: string;
    isThere: boolean;
    group: number | null;
    team: string | null;
    blocked: number[];
  }[];
  /** Groups with their teams; each of the squares `completing` would complete a row. */
  groups: { teams: string[]; squares: number; completing: number[] }[];
  /** Who has won it, and by which row; with a full board those with most squares. */
  won: { groups: number[]; squares: number[] | null } | null;
}

/** What stage and desk see of it as it happens, where all are at it at once. */
export interface ClaimLive {
  format: 'claim';
  /** Each team on the square that it is on, and until when a group waits (server ms). */
  on: { team: string; square: number }[];
  waits: { group: number; until: number }[];
}

export function claimView(state: ClaimState): ClaimView {
  const { rows, columns, inARow, open, labels, groups } = state;
  const standing = standingOf(state);
  const free = new Set(standing.free);
  const short = oneShort(standing.owners, state.lines, standing.free);
  const closed = groups.map(({ length }, group) => {
    const able = new Set(length > 0 ? openTo(state, standing, group) : free);
    return (square: number) => free.has(square) && !able.has(square);
  });
  return {
    format: 'claim',
    ...{ rows, columns, inARow, open },
    squares: state.squares.map((id, square) => ({
      label: id === null ? '' : (labels.get(id) ?? ''),
      isThere: id !== null,
      group: standing.owners[square]!,
      team: standing.won[square]?.team ?? null,
      blocked: closed.flatMap((isClosed, group) => (isClosed(square) ? [group] : [])),
    })),
    groups: groups.map((teams, group) => ({
      teams,
      squares: countOf(standing, group),
      completing: [...(short.get(group) ?? [])],
    })),
    won: isDone(state, standing) ? winners(state, standing) : null,
  };
}

function winners({ groups }: ClaimState, standing: Standing): ClaimView['won'] {
  if (standing.row) return { groups: [standing.row.group], squares: standing.row.squares };
  const counts = groups.map((_, group) => countOf(standing, group));
  const most = Math.max(1, ...counts);
  return { groups: counts.flatMap((count, group) => (count === most ? [group] : [])), squares: null };
}
