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
const sorted = (words: readonly string[]) => [...words].sort().join(' ');

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
  const own = people.map(({ id, name }) => ({ id, words: wordsOf(name) }));
  const same = (a: readonly string[], b: readonly string[]) => a.length > 0 && sorted(a) === sorted(b);
  const matches = parts.map((words, row): Match => {
    const exact = own.filter((one) => same(one.words, words));
    const twice = parts.filter((other) => same(other, words)).length > 1;
    if (exact.length === 1 && !twice)
      return { row, person: exact[0]!.id, isSure: true, candidates: [exact[0]!.id] };
    const near = exact.length > 0 ? exact : own.filter((one) => mayBe(one.words, words));
    return { row, person: null, isSure: false, candidates: near.map(({ id }) => id) };
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
  let best: { columns: number[]; found: number; sure: number } | null = null;
  for (const columns of tries) {
    const matches = matchPeople(namesIn(rows, columns), people);
    const sure = matches.filter(({ isSure }) => isSure).length;
    const found = matches.filter(({ person }) => person !== null).length;
    if (found > 0 && (!best || sure > best.sure || (sure === best.sure && found > best.found)))
      best = { columns, found, sure };
  }
  return best && { columns: best.columns, found: best.found };
}

/** The names in these columns, row by row. */
export const namesIn = (rows: readonly (readonly string[])[], columns: readonly number[]): string[] =>
  rows.map((row) =>
    columns
      .map((column) => row[column] ?? '')
      .join(' ')
      .trim(),
  );
