/** Things that share a key, in the order in which they come. */
export function groups<T>(list: readonly T[], keyOf: (one: T) => string): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const one of list) {
    const own = found.get(keyOf(one));
    if (own) own.push(one);
    else found.set(keyOf(one), [one]);
  }
  return found;
}
