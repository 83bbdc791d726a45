/** A part of the running order that could be left out, and what that saves (s). */
export interface Saving {
  index: number;
  seconds: number;
}

/**
 * How many questions of a part would have to go so that `over` seconds are saved; null where not even
 * all but one of them are enough.
 */
export function fewerFor(over: number, part: Saving, questions: number): number | null {
  if (over <= 0 || questions < 2 || part.seconds <= 0) return null;
  const count = Math.ceil(over / (part.seconds / questions));
  return count < questions ? count : null;
}

/**
 * What to leave out so that `over` seconds are saved: the one part that is enough with the least to
 * spare, else the longest ones until it is enough. Empty where nothing need go; all where nothing is enough.
 */
export function cutsFor(over: number, parts: readonly Saving[]): Saving[] {
  if (over <= 0) return [];
  const longestFirst = [...parts].filter((part) => part.seconds > 0).sort((a, b) => b.seconds - a.seconds);
  const enough = longestFirst.filter((part) => part.seconds >= over).at(-1);
  if (enough) return [enough];
  const cuts: Saving[] = [];
  let saved = 0;
  for (const part of longestFirst) {
    if (saved >= over) break;
    cuts.push(part);
    saved += part.seconds;
  }
  return cuts;
}
