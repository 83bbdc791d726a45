import { rank } from '../../rank/standings.ts';
import type { Weave } from '../../show/weave.ts';
import type { Dated } from '../digest.ts';
import { linkPeople, type Doubt, type SaidSame } from '../people.ts';
import type { LeagueRule } from './rule.ts';

/** How somebody came out of one game of a league, and what that brought. */
export interface LeagueResult {
  place: number;
  score: number;
  points: number;
  /** Left out as one of the worst. */
  isDropped: boolean;
}
export interface LeagueRow {
  key: string;
  name: string;
  weave: Weave;
  place: number;
  points: number;
  played: number;
  /** Places gained since the last game: more is better; null for whoever had none before. */
  change: number | null;
  /** For each game, the first one first; null where they were not there. */
  results: (LeagueResult | null)[];
}
export interface LeagueTable {
  games: { sitting: string; title: string; at: number }[];
  rows: LeagueRow[];
  doubts: Doubt[];
}

/** The last so many games are somebody's form. */
const FORM = 5;
export const formOf = ({ results }: LeagueRow): (number | null)[] =>
  results.slice(-FORM).map((one) => one?.place ?? null);

/** What a game brings by its place and score. */
export function pointsFor({ place, score }: { place: number; score: number }, rule: LeagueRule): number {
  const forPlace = rule.from === 'score' ? 0 : (rule.byPlace[place - 1] ?? 0);
  const forScore = rule.from === 'place' ? 0 : (score * rule.perHundred) / 100;
  return Math.round((forPlace + forScore) * 100) / 100;
}

/** How often one came out before another, after them, or beside them. */
export interface HeadToHead {
  ahead: number;
  behind: number;
  equal: number;
}
export function headToHead(one: LeagueRow, other: LeagueRow): HeadToHead {
  const sum = { ahead: 0, behind: 0, equal: 0 };
  one.results.forEach((own, i) => {
    const their = other.results[i];
    if (!own || !their) return;
    sum[own.place < their.place ? 'ahead' : own.place > their.place ? 'behind' : 'equal']++;
  });
  return sum;
}

type Unplaced = Omit<LeagueRow, 'place' | 'change'>;

/** Leaves the worst so many games of somebody out; where two are equally bad, the earlier. */
function withoutWorst(results: readonly (LeagueResult | null)[], drop: number): (LeagueResult | null)[] {
  const order = results
    .map((_, i) => i)
    .sort((a, b) => (results[a]?.points ?? 0) - (results[b]?.points ?? 0));
  // A season has to be longer than what is left out of it.
  const left = new Set(order.slice(0, Math.min(drop, Math.max(0, results.length - 1))));
  return results.map((one, i) => one && { ...one, isDropped: left.has(i) });
}

/** How each of those with as many points stands by the tie rule: more is better. */
function tieBreak(rows: readonly Unplaced[], row: Unplaced, rule: LeagueRule, games: number): number[] {
  switch (rule.ties) {
    case 'shared':
      return [];
    case 'headToHead': {
      const rivals = rows.filter((one) => one !== row && one.points === row.points);
      const sums = rivals.map((rival) => headToHead(row as LeagueRow, rival as LeagueRow));
      return [sums.reduce((sum, { ahead, behind }) => sum + ahead - behind, 0)];
    }
    case 'places': {
      const last = Math.max(0, ...rows.flatMap(({ results }) => results.map((one) => one?.place ?? 0)));
      return Array.from({ length: last }, (_, i) => row.results.filter((one) => one?.place === i + 1).length);
    }
    case 'last':
      return [-(row.results[games - 1]?.place ?? Infinity)];
  }
}

function placed(rows: readonly Unplaced[], rule: LeagueRule, games: number): Map<string, number> {
  const ranked = rank(rows, (row) => [row.points, ...tieBreak(rows, row, rule, games)]);
  return new Map(ranked.map(({ item, place }) => [item.key, place]));
}

function rowsAfter(
  games: readonly Dated[],
  of: readonly (readonly number[])[],
  people: readonly { key: string; name: string }[],
  rule: LeagueRule,
): Unplaced[] {
  return people.map(({ key }, person) => {
    // The last name and weave are those of today.
    let [name, weave]: [string, Weave | null] = ['', null];
    const all = games.map((game, g): LeagueResult | null => {
      const team = game.teams[of[g]!.indexOf(person)];
      if (!team) return null;
      [name, weave] = [team.name, team.weave];
      const { place, score } = team;
      return { place, score, points: pointsFor(team, rule), isDropped: false };
    });
    const results = withoutWorst(all, rule.drop);
    const counting = results.filter((one) => one && !one.isDropped);
    return {
      key,
      name,
      weave: weave!,
      points: Math.round(counting.reduce((sum, one) => sum + one!.points, 0) * 100) / 100,
      played: results.filter((one) => one !== null).length,
      results,
    };
  });
}

/** The table of a league after all its games, the highest first (competition ranking). */
export function leagueTable(
  digests: readonly Dated[],
  rule: LeagueRule,
  said: readonly SaidSame[],
): LeagueTable {
  const games = digests
    .filter(({ kind, isAnonymous, teams }) => kind === 'game' && !isAnonymous && teams.length > 0)
    .sort((a, b) => a.at - b.at || (a.sitting < b.sitting ? -1 : 1));
  const { people, of, doubts } = linkPeople(
    games.map(({ teams }) => teams.map(({ name }) => name)),
    [],
    said,
  );
  const rows = rowsAfter(games, of, people, rule);
  const now = placed(rows, rule, games.length);
  const last = games.length - 1;
  const earlier = rowsAfter(games.slice(0, last), of, people, rule).filter(({ played }) => played > 0);
  const before = last > 0 ? placed(earlier, rule, last) : new Map<string, number>();
  return {
    games: games.map(({ sitting, title, at }) => ({ sitting, title, at })),
    rows: rows
      .map((row) => {
        const place = now.get(row.key)!;
        const was = before.get(row.key);
        return { ...row, place, change: was === undefined ? null : was - place };
      })
      .sort((a, b) => a.place - b.place),
    doubts,
  };
}

/** A table as everybody with its link may see it: nothing by which games are found, and names only where they are wanted. */
export const publicTable = (
  { games, rows }: LeagueTable,
  isNamed: boolean,
): { games: { title: string; at: number }[]; rows: LeagueRow[] } => ({
  games: games.map(({ title, at }) => ({ title, at })),
  rows: rows.map((row, i) => ({ ...row, key: String(i), name: isNamed ? row.name : '' })),
});
