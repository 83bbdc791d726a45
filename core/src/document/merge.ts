import { idsOf } from './changes.ts';
import { isRecord, same, type Json } from './same.ts';

/** A place that both changed differently. `path` names it from the root. */
export interface Conflict {
  path: string[];
  mine: Json | undefined;
  theirs: Json | undefined;
}

export interface Merged<T> {
  value: T;
  conflicts: Conflict[];
}

type Doc = Json | undefined;

/**
 * Merges two changes of one document, both made from `base`: what only one side changed is taken
 * from that side; lists of things with ids are merged thing by thing. Where both changed the same
 * place differently, `mine` stands in the result and the place is listed, so that a person decides.
 */
export function mergeChanges<T>(base: T, mine: T, theirs: T): Merged<T> {
  const conflicts: Conflict[] = [];
  const value = merge(base as Doc, mine as Doc, theirs as Doc, [], conflicts);
  return { value: value as T, conflicts };
}

function merge(base: Doc, mine: Doc, theirs: Doc, path: string[], conflicts: Conflict[]): Doc {
  if (same(mine, theirs) || same(base, theirs)) return mine;
  if (same(base, mine)) return theirs;
  if (isRecord(mine) && isRecord(theirs))
    return mergeRecords(isRecord(base) ? base : {}, mine, theirs, path, conflicts);
  const ids = { mine: idsOf(mine), theirs: idsOf(theirs) };
  if (ids.mine && ids.theirs) return mergeLists(base, mine as Json[], theirs as Json[], path, conflicts);
  conflicts.push({ path, mine, theirs });
  return mine;
}

function mergeRecords(
  base: { [key: string]: Json },
  mine: { [key: string]: Json },
  theirs: { [key: string]: Json },
  path: string[],
  conflicts: Conflict[],
): Json {
  const result: { [key: string]: Json } = {};
  for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const value = merge(base[key], mine[key], theirs[key], [...path, key], conflicts);
    if (value !== undefined) result[key] = value;
  }
  return result;
}

function mergeLists(base: Doc, mine: Json[], theirs: Json[], path: string[], conflicts: Conflict[]): Json[] {
  const byId = (list: Doc) =>
    new Map((idsOf(list) ?? []).map((id, i) => [id, (list as Json[])[i]!] as const));
  const [was, my, their] = [byId(base), byId(mine), byId(theirs)];
  const order = orderOf([...was.keys()], [...my.keys()], [...their.keys()]);
  const result: Json[] = [];
  for (const id of order) {
    const item = merge(was.get(id), my.get(id), their.get(id), [...path, id], conflicts);
    if (item !== undefined) result.push(item);
  }
  return result;
}

/** The order of whoever reordered (mine if both did), with what only the other has after its neighbour. */
function orderOf(was: string[], mine: string[], theirs: string[]): string[] {
  const kept = (list: string[], other: string[]) => list.filter((id) => other.includes(id));
  const iReordered = !same(kept(was, mine), kept(mine, was));
  const [first, second] = iReordered ? [mine, theirs] : [theirs, mine];
  const order = [...first];
  second.forEach((id, i) => {
    if (order.includes(id)) return;
    const before = second[i - 1];
    order.splice(before === undefined ? 0 : order.indexOf(before) + 1, 0, id);
  });
  return order;
}
