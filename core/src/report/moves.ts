import type { Weave } from '../show/weave.ts';
import type { SittingState } from '../sitting/state.ts';
import { teamViews } from '../sitting/view/public.ts';
import { shareOf } from './overview.ts';
import { sheetOf } from './sheet.ts';

export interface Change<T> {
  before: T;
  after: T;
}

/** What a correction changes, and for whom; whoever it leaves alone is not named. */
export interface Moves {
  teams: { id: string; name: string; weave: Weave; score: Change<number>; place: Change<number> }[];
  /** The share of the marks of each person or team, 0 … 1. */
  shares: { id: string; name: string; share: Change<number | null> }[];
}

/** Compares a sitting before and after something was put right. */
export function movesBetween(before: SittingState, after: SittingState): Moves {
  const was = new Map(teamViews(before).map((team) => [team.id, team]));
  const sharesOf = (state: SittingState) => {
    const { knowers, cells, items } = sheetOf(state);
    return knowers.map(({ id, name }, row) => ({ id, name, share: shareOf(cells[row]!, items) }));
  };
  const had = new Map(sharesOf(before).map(({ id, share }) => [id, share]));
  return {
    teams: [...teamViews(after)]
      .sort((a, b) => a.place - b.place)
      .flatMap(({ id, name, weave, score, place }) => {
        const old = was.get(id);
        if (!old || (old.score === score && old.place === place)) return [];
        return [
          {
            id,
            name,
            weave,
            score: { before: old.score, after: score },
            place: { before: old.place, after: place },
          },
        ];
      }),
    shares: sharesOf(after).flatMap(({ id, name, share }) => {
      const old = had.get(id) ?? null;
      return old === share ? [] : [{ id, name, share: { before: old, after: share } }];
    }),
  };
}
