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
export function nextInPass(ids: readonly string[], { used, last }: Pass, random: Random): string | null {
  // A new pass does not begin with what ended the last one.
  const barred = used.size === 0 && ids.length > 1 ? last : null;
  const rest = ids.filter((id) => !used.has(id) && id !== barred);
  return rest[Math.floor(random() * rest.length)] ?? null;
}

/** The pass after one more was asked; with the last one of it a new one begins. */
export function afterAsking(ids: readonly string[], { used }: Pass, id: string): Pass {
  const now = new Set(used).add(id);
  return { used: now.size >= ids.length ? new Set() : now, last: id };
}
