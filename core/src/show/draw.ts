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

export type Draw = { teams: string[][] } | { impossible: Undrawable; names: string[] };

/** Attempts at placing before a draw is given up as impossible to find. */
const ATTEMPTS = 200_000;

/**
 * Draws names into `count` teams of even size (they differ by at most one), the same for the same
 * seed. Those who wish so come together, others apart; where that cannot be it is said, and with
 * whom, and likewise where a wish names somebody who is not there. Names are compared without case and accents.
 */
export function drawTeams(
  names: readonly string[],
  count: number,
  seed: string,
  wishes: DrawWishes = NO_WISHES,
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
  return { teams: teams.map((team) => told(team.sort((a, b) => a - b))) };
}
