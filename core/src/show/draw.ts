import { seeded } from '../random/seeded.ts';
import { shuffledOrder } from '../random/shuffle.ts';
import { foldText } from '../text/fold.ts';

/** Names that are to come into the same team, and names of which no two may. */
export interface DrawWishes {
  together: readonly (readonly string[])[];
  apart: readonly (readonly string[])[];
}
export const NO_WISHES: DrawWishes = { together: [], apart: [] };

/** Why a draw cannot be: with the names that stand in each other's way. */
export type Undrawable =
  'tooFewNames' | 'unknownName' | 'togetherTooMany' | 'apartTooMany' | 'togetherAndApart' | 'noWay';

/** `means`: how strong each team is on the average, where that was known of anybody. */
export type Draw =
  { teams: string[][]; means: number[] | null } | { impossible: Undrawable; names: string[] };

/** Attempts at placing before a draw is given up as impossible to find. */
const ATTEMPTS = 200_000;

/**
 * Draws names into `count` teams of even size (they differ by at most one), the same for the same
 * seed. Those who wish so come together, others apart; where that cannot be it is said, and with
 * whom, and likewise where a wish names somebody who is not there. Names are compared without case and accents.
 * @param strengths how strong people are, by names, on any scale: then teams are made as even as swapping two lots can
 * make them. Of whom nothing is known counts as average.
 */
export function drawTeams(
  names: readonly string[],
  count: number,
  seed: string,
  wishes: DrawWishes = NO_WISHES,
  strengths: ReadonlyMap<string, number> | null = null,
): Draw {
  if (names.length < count) return { impossible: 'tooFewNames', names: [] };
  const index = new Map(names.map((name, i) => [foldText(name), i]));
  const indexes = (list: readonly string[]) => [
    ...new Set(list.flatMap((name) => index.get(foldText(name)) ?? [])),
  ];
  const unknown = [...wishes.together, ...wishes.apart].flat().filter((name) => !index.has(foldText(name)));
  if (unknown.length > 0) return { impossible: 'unknownName', names: [...new Set(unknown)] };
  const told = (list: readonly number[]) => list.map((i) => names[i]!);
  const most = Math.ceil(names.length / count);

  const blockOf = names.map((_, i) => i);
  const root = (i: number): number => (blockOf[i] === i ? i : root(blockOf[i]!));
  for (const group of wishes.together)
    for (const [, i] of indexes(group).entries()) blockOf[root(i)] = root(indexes(group)[0]!);
  const blocks = new Map<number, number[]>();
  names.forEach((_, i) => blocks.set(root(i), [...(blocks.get(root(i)) ?? []), i]));
  for (const block of blocks.values())
    if (block.length > most) return { impossible: 'togetherTooMany', names: told(block) };

  /** Blocks that may not meet, by the first of each. */
  const enemies = new Map<number, Set<number>>();
  for (const group of wishes.apart) {
    const own = indexes(group);
    if (own.length > count) return { impossible: 'apartTooMany', names: told(own) };
    for (const a of own)
      for (const b of own) {
        if (a === b) continue;
        if (root(a) === root(b)) return { impossible: 'togetherAndApart', names: told([a, b]) };
        enemies.set(root(a), (enemies.get(root(a)) ?? new Set()).add(root(b)));
      }
  }

  const random = seeded(`draw ${seed}`);
  const keys = [...blocks.keys()];
  const drawn = shuffledOrder(keys.length, random).map((i) => keys[i]!);
  // What is hardest to place comes first; among equals the lot decides.
  const hardness = (key: number) => blocks.get(key)!.length * 1000 + (enemies.get(key)?.size ?? 0);
  drawn.sort((a, b) => hardness(b) - hardness(a));
  // Which teams have one more is drawn as well.
  const larger = new Set(shuffledOrder(count, random).slice(0, names.length % count));
  const room = Array.from(
    { length: count },
    (_, t) => Math.floor(names.length / count) + (larger.has(t) ? 1 : 0),
  );
  const teams: number[][] = Array.from({ length: count }, () => []);
  let attempts = 0;

  function place(n: number): boolean {
    const key = drawn[n];
    if (key === undefined) return true;
    const block = blocks.get(key)!;
    const foes = enemies.get(key);
    for (const t of shuffledOrder(count, random)) {
      if (attempts++ > ATTEMPTS) return false;
      if (room[t]! < block.length) continue;
      if (foes && teams[t]!.some((i) => foes.has(root(i)))) continue;
      teams[t]!.push(...block);
      room[t]! -= block.length;
      if (place(n + 1)) return true;
      teams[t]!.splice(-block.length);
      room[t]! += block.length;
    }
    return false;
  }
  if (!place(0)) return { impossible: 'noWay', names: [] };
  const known = strengths && strengthsOf(names, strengths);
  if (known) {
    const own = (team: readonly number[]) => [...new Set(team.map(root))].map((key) => blocks.get(key)!);
    const lots = evened(teams.map(own), known, (a, b) => !enemies.get(root(a[0]!))?.has(root(b[0]!)));
    teams.forEach((team, t) => team.splice(0, team.length, ...lots[t]!.flat()));
  }
  return {
    teams: teams.map((team) => told(team.sort((a, b) => a - b))),
    means: known && teams.map((team) => team.reduce((sum, i) => sum + known[i]!, 0) / team.length),
  };
}

/** The strength of each, the average where it is not known; null where it is known of nobody. */
function strengthsOf(names: readonly string[], strengths: ReadonlyMap<string, number>): number[] | null {
  const folded = new Map([...strengths].map(([name, strength]) => [foldText(name), strength]));
  const known = names.map((name) => folded.get(foldText(name)) ?? null);
  const there = known.filter((one) => one !== null);
  if (there.length === 0) return null;
  const average = there.reduce((sum, one) => sum + one, 0) / there.length;
  return known.map((one) => one ?? average);
}

/**
 * Swaps lots of equal size between teams as long as that brings the averages of teams nearer to each other.
 * @param mayMeet whether two lots may be in one team.
 */
function evened(
  teams: number[][][],
  strengths: readonly number[],
  mayMeet: (a: readonly number[], b: readonly number[]) => boolean,
): number[][][] {
  const size = (team: readonly number[][]) => team.reduce((sum, lot) => sum + lot.length, 0);
  const sum = (lot: readonly number[]) => lot.reduce((all, i) => all + strengths[i]!, 0);
  const total = (team: readonly number[][]) => team.reduce((all, lot) => all + sum(lot), 0);
  const average = strengths.reduce((all, one) => all + one, 0) / strengths.length;
  const off = (of: number, people: number) => (of / people - average) ** 2 * people;
  const fits = (lot: readonly number[], team: readonly number[][], without: readonly number[]) =>
    team.every((other) => other === without || mayMeet(lot, other));
  for (let better = true; better;) {
    better = false;
    for (const [x, one] of teams.entries())
      for (const other of teams.slice(x + 1))
        for (const [i, a] of one.entries())
          for (const [j, b] of other.entries()) {
            // What was swapped a moment ago is looked at anew the next time round.
            if (one[i] !== a || other[j] !== b || a.length !== b.length) continue;
            const by = sum(b) - sum(a);
            const [s, t, m, n] = [total(one), total(other), size(one), size(other)];
            const gain = off(s, m) + off(t, n) - off(s + by, m) - off(t - by, n);
            if (gain < 1e-9 || !fits(b, one, a) || !fits(a, other, b)) continue;
            [one[i], other[j]] = [b, a];
            better = true;
          }
  }
  return teams;
}
