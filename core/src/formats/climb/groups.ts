/**
 * Deals questions out to rungs, the lowest first: each rung gets its share of the list, in order; where there are
 * more than rungs, several may stand on one.
 */
export function groupsOf(ids: readonly string[], rungs: number): string[][] {
  return Array.from({ length: rungs }, (_, i) =>
    ids.slice(Math.floor((i * ids.length) / rungs), Math.floor(((i + 1) * ids.length) / rungs)),
  );
}
