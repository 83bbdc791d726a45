import { mayBeSame, nameKey } from '../report/marks/match.ts';

/** What a host said of two names: one person's, or two people's. */
export interface SaidSame {
  a: string;
  b: string;
  same: boolean;
}

/** Somebody who is there more than once, or on the list. */
export interface Linked {
  /** The same from game to game, however the name is written. */
  key: string;
  name: string;
  onList: boolean;
}

/** Two who may be one: that is for the host to say. */
export interface Doubt {
  a: Pick<Linked, 'key' | 'name'>;
  b: Pick<Linked, 'key' | 'name'>;
}

/** So many doubts are shown at once, and among so many people they are looked for. */
const MOST_DOUBTS = 30;
const MOST_PEOPLE = 600;

/**
 * Finds the same people – or teams – in several games by their names: whatever the order of the parts, capitals and
 * accents. Initials, given names alone and slips are doubts. Two of one name in a game are two.
 * @param games the names of each; '' for who has none. @param list who belongs to the group.
 * @returns `of`: for each game the place in `people` of each of its names, −1 for who has none.
 */
export function linkPeople(
  games: readonly (readonly string[])[],
  list: readonly string[],
  said: readonly SaidSame[],
): { people: Linked[]; of: number[][]; doubts: Doubt[] } {
  const into = new Map<string, string>();
  const root = (key: string): string => {
    let at = key;
    for (let next = into.get(at); next !== undefined && next !== at; next = into.get(at)) at = next;
    return at;
  };
  const onList = new Set(list.map(nameKey));
  for (const { a, b, same } of said) {
    if (!same) continue;
    const [x, y] = [root(a), root(b)];
    // Whoever is on the list gives the name.
    if (x !== y) into.set(onList.has(x) ? y : x, onList.has(x) ? x : y);
  }
  const people: Linked[] = [];
  const places = new Map<string, number>();
  const enter = (key: string, name: string): number => {
    const known = places.get(key);
    if (known !== undefined) return known;
    places.set(key, people.length);
    return people.push({ key, name, onList: onList.has(key) }) - 1;
  };
  for (const name of list) enter(root(nameKey(name)), name);
  const of = games.map((names) => {
    const here = new Map<string, number>();
    return names.map((name) => {
      const key = root(nameKey(name));
      if (key === '') return -1;
      const before = here.get(key) ?? 0;
      here.set(key, before + 1);
      return enter(before === 0 ? key : `${key} ${before + 1}`, name);
    });
  });
  return { people, of, doubts: doubtsIn(people, of, said, root) };
}

/** Who may be one: not both in a game, not both on the list, and nobody has said. */
function doubtsIn(
  people: readonly Linked[],
  of: readonly (readonly number[])[],
  said: readonly SaidSame[],
  root: (key: string) => string,
): Doubt[] {
  if (people.length > MOST_PEOPLE) return [];
  const apart = new Set(said.filter(({ same }) => !same).map(({ a, b }) => pair(root(a), root(b))));
  const games = people.map(() => new Set<number>());
  of.forEach((row, game) => row.forEach((i) => i >= 0 && games[i]!.add(game)));
  const found: Doubt[] = [];
  for (const [i, a] of people.entries())
    for (let j = i + 1; j < people.length && found.length < MOST_DOUBTS; j++) {
      const b = people[j]!;
      if ((a.onList && b.onList) || apart.has(pair(a.key, b.key))) continue;
      if ([...games[i]!].some((game) => games[j]!.has(game)) || !mayBeSame(a.name, b.name)) continue;
      const told = ({ key, name }: Linked) => ({ key, name });
      found.push({ a: told(a), b: told(b) });
    }
  return found;
}
const pair = (a: string, b: string): string => (a < b ? `${a}\n${b}` : `${b}\n${a}`);
