import { distance } from 'fastest-levenshtein';
import { foldText } from '../../text/fold.ts';

/** Somebody in a host's own sheet, as a row of it says, and who that is in the game. */
export interface Match {
  /** Its place among the rows that were given. */
  row: number;
  /** Null where nobody fits, or several do. */
  person: string | null;
  /** Whether it is the very name, whatever the order of its parts, its accents and its capitals. */
  isSure: boolean;
  /** Who else may be meant. */
  candidates: string[];
}

const wordsOf = (name: string) => foldText(name).split(' ').filter(Boolean);
/** The same for all who write the parts of a name in another order; '' for no name. */
const keyOf = (words: readonly string[]) => [...words].sort().join(' ');
/** The same for all who write a name in another order, with other accents or capitals; '' for none. */
export const nameKey = (name: string): string => (isMadeAnonymous(name) ? '' : keyOf(wordsOf(name)));
/** Whoever was made anonymous has a number in one game, which says nothing of any other. */
const isMadeAnonymous = (name: string): boolean => /^#\d+$/.test(name);
/** Whether two names may be one person's: initials, a given name alone, a slip. */
export const mayBeSame = (a: string, b: string): boolean => mayBe(wordsOf(a), wordsOf(b));

function counted(keys: readonly string[]): Map<string, number> {
  const counts = new Map<string, number>();
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1);
  return counts;
}

/** Whether one may stand for the other: the same word, its initial, or a slip of the keyboard in a longer one. */
function standsFor(a: string, b: string): boolean {
  if (a === b) return true;
  const [short, long] = a.length <= b.length ? [a, b] : [b, a];
  if (short.length === 1) return long.startsWith(short);
  return short.length >= 5 && distance(a, b) <= 1;
}

/** Whether every part of the shorter name stands for one of the longer, at least one of them for more than an initial. */
function mayBe(a: readonly string[], b: readonly string[]): boolean {
  const [few, many] = a.length <= b.length ? [a, b] : [b, a];
  if (few.length === 0) return false;
  const left = [...many];
  let whole = false;
  for (const word of [...few].sort((x, y) => y.length - x.length)) {
    const at = left.findIndex((other) => standsFor(word, other));
    if (at < 0) return false;
    whole ||= word.length > 1 && left[at]!.length > 1;
    left.splice(at, 1);
  }
  return whole;
}

/**
 * Finds the people of a game in the names of a sheet. Whoever is there under their very name is found surely; initials,
 * given names alone and slips are a doubt, which is shown with all who may be meant. Nobody is found twice.
 */
export function matchPeople(
  names: readonly string[],
  people: readonly { id: string; name: string }[],
): Match[] {
  const parts = names.map(wordsOf);
  const keys = parts.map(keyOf);
  const times = counted(keys);
  const own = people.map(({ id, name }) => ({ id, words: wordsOf(name) }));
  const known = new Map<string, string[]>();
  for (const { id, words } of own) {
    const key = keyOf(words);
    known.set(key, [...(known.get(key) ?? []), id]);
  }
  const matches = parts.map((words, row): Match => {
    const exact = keys[row] === '' ? [] : (known.get(keys[row]!) ?? []);
    if (exact.length === 1 && times.get(keys[row]!) === 1)
      return { row, person: exact[0]!, isSure: true, candidates: exact };
    const near = exact.length > 0 ? exact : own.filter((one) => mayBe(one.words, words)).map(({ id }) => id);
    return { row, person: null, isSure: false, candidates: [...near] };
  });
  const taken = new Set(matches.flatMap(({ person }) => person ?? []));
  const wanted = new Map<string, number>();
  for (const one of matches) {
    if (one.isSure) continue;
    one.candidates = one.candidates.filter((id) => !taken.has(id));
    for (const id of one.candidates) wanted.set(id, (wanted.get(id) ?? 0) + 1);
  }
  // A doubt with one answer, which is nobody else's, is put forward, still as a doubt.
  for (const one of matches)
    if (!one.isSure && one.candidates.length === 1 && wanted.get(one.candidates[0]!) === 1)
      one.person = one.candidates[0]!;
  return matches;
}

/**
 * Where a sheet has its names: the column, or the two beside each other, in which most people are found; the first row is
 * the head where it holds nobody. Null where nobody is found anywhere.
 */
export function findNames(
  rows: readonly (readonly string[])[],
  people: readonly { id: string; name: string }[],
): { columns: number[]; found: number } | null {
  const width = Math.max(0, ...rows.map((row) => row.length));
  const tries = [
    ...Array.from({ length: width }, (_, i) => [i]),
    ...Array.from({ length: Math.max(0, width - 1) }, (_, i) => [i, i + 1]),
  ];
  const known = new Set(people.map(({ name }) => keyOf(wordsOf(name))));
  const surely = tries.map((columns) => ({
    columns,
    found: namesIn(rows, columns).filter((name) => known.has(keyOf(wordsOf(name)))).length,
  }));
  const best = most(surely);
  if (best) return best;
  // Nobody stands there under their very name: then doubts tell, of as many rows as a class has.
  const some = rows.slice(0, TELLING_ROWS);
  return most(
    tries.map((columns) => ({
      columns,
      found: matchPeople(namesIn(some, columns), people).filter(({ person }) => person !== null).length,
    })),
  );
}

/** So many rows tell where names are. */
const TELLING_ROWS = 40;
type Try = { columns: number[]; found: number };
/** The first of those in which most people are found; null where nobody is. */
const most = (tries: readonly Try[]): Try | null =>
  tries.reduce<Try | null>((best, one) => (one.found > (best?.found ?? 0) ? one : best), null);

/** The names in these columns, row by row, from the first column on. */
export function namesIn(rows: readonly (readonly string[])[], columns: readonly number[]): string[] {
  const inOrder = [...columns].sort((a, b) => a - b);
  return rows.map((row) =>
    inOrder
      .map((column) => row[column] ?? '')
      .join(' ')
      .trim(),
  );
}
