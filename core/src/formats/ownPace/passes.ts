import { abilityFrom, suiting, type Answered } from '../../library/ability.ts';
import type { Random } from '../../random/shuffle.ts';

/** What one has been asked in the pass that is on, and what last. */
export interface Pass {
  used: ReadonlySet<string>;
  last: string | null;
}

/**
 * The next of `ids` for one: none again before all were used, then all anew in another order, and never the same
 * twice running. Drawn one by one without putting back, every order is as likely as any other (Durstenfeld's
 * shuffle, Communications of the ACM 7, 1964, algorithm 235). Null where there are none.
 */
export function nextInPass(ids: readonly string[], pass: Pass, random: Random): string | null {
  const rest = leftInPass(ids, pass);
  return rest[Math.floor(random() * rest.length)] ?? null;
}

/** The next of them that suits somebody with these answers; all of them come before any comes again. */
export function nextByLevel(
  ids: readonly string[],
  pass: Pass,
  hardness: (id: string) => number,
  answers: readonly Answered[],
  random: Random,
): string | null {
  return suiting(leftInPass(ids, pass), hardness, abilityFrom(answers), random);
}

/** What may come now: a new pass does not begin with what ended the last one. */
function leftInPass(ids: readonly string[], { used, last }: Pass): string[] {
  const barred = used.size === 0 && ids.length > 1 ? last : null;
  return ids.filter((id) => !used.has(id) && id !== barred);
}

/** The pass after one more was asked; with the last one of it a new one begins, where there is more than one (`once`). */
export function afterAsking(ids: readonly string[], { used }: Pass, id: string, once = false): Pass {
  const now = new Set(used).add(id);
  return { used: now.size >= ids.length && !once ? new Set() : now, last: id };
}
