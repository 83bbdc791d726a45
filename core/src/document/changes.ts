import * as v from 'valibot';
import { isRecord, same, type Json } from './same.ts';

const Path = v.pipe(v.array(v.pipe(v.string(), v.maxLength(200))), v.maxLength(20));

/**
 * One change of a document: what stands at a path (of keys, and ids in lists of things with ids), that
 * nothing stands there any more, or in which order the things of a list stand.
 */
export const Change = v.union([
  v.strictObject({ path: Path, value: v.unknown() }),
  v.strictObject({ path: Path, gone: v.literal(true) }),
  v.strictObject({ path: Path, order: v.array(v.string()) }),
]);
export type Change = v.InferOutput<typeof Change>;

/** The ids of a list of things with ids, all different; null for any other value. */
export function idsOf(value: unknown): string[] | null {
  if (!Array.isArray(value)) return null;
  const ids = value.map((item) => (isRecord(item) && typeof item.id === 'string' ? item.id : null));
  return ids.includes(null) || new Set(ids).size < ids.length ? null : (ids as string[]);
}

/** What was changed from one document to another, as few places as possible. */
export function changesBetween(before: unknown, after: unknown, path: string[] = []): Change[] {
  if (same(before, after)) return [];
  if (isRecord(before) && isRecord(after)) {
    const keys = new Set([...Object.keys(before), ...Object.keys(after)]);
    return [...keys].flatMap((key) => changeOf(before[key], after[key], [...path, key]));
  }
  const [was, is] = [idsOf(before), idsOf(after)];
  // A list that was empty says nothing of its kind: it is written whole.
  if (!was || !is || was.length === 0 || is.length === 0) return [{ path, value: after }];
  const byId = (list: unknown) => new Map((list as { id: string }[]).map((item) => [item.id, item]));
  const [old, fresh] = [byId(before), byId(after)];
  const changes = [...new Set([...was, ...is])].flatMap((id) =>
    changeOf(old.get(id), fresh.get(id), [...path, id]),
  );
  const left = [...was.filter((id) => fresh.has(id)), ...is.filter((id) => !old.has(id))];
  return same(left, is) ? changes : [...changes, { path, order: is }];
}

function changeOf(before: unknown, after: unknown, path: string[]): Change[] {
  if (after !== undefined)
    return before === undefined ? [{ path, value: after }] : changesBetween(before, after, path);
  return before === undefined ? [] : [{ path, gone: true }];
}

/**
 * The document with changes carried out, in place where it can be.
 * @throws RangeError where a path leads nowhere.
 */
export function withChanges<T>(document: T, changes: readonly Change[]): T {
  let root: unknown = document;
  for (const change of changes) {
    if ('order' in change) putInOrder(at(root, change.path), change.order);
    else if (change.path.length === 0) root = 'gone' in change ? undefined : change.value;
    else putAt(root, change.path, 'gone' in change ? undefined : change.value);
  }
  return root as T;
}

function putInOrder(list: unknown, order: readonly string[]): void {
  if (!idsOf(list)) throw new RangeError('No list of things stands there.');
  const place = new Map(order.map((id, i) => [id, i]));
  const of = (item: { id: string }) => place.get(item.id) ?? order.length;
  (list as { id: string }[]).sort((a, b) => of(a) - of(b));
}

const at = (root: unknown, path: readonly string[]): unknown => path.reduce(childOf, root);

/** Only what is the document's own: never what every object has. */
function childOf(parent: unknown, step: string): unknown {
  if (Array.isArray(parent)) return parent.find((item: { id?: string }) => item?.id === step);
  return isRecord(parent) && Object.hasOwn(parent, step) ? parent[step] : undefined;
}

/**
 * Puts a value where a path leads, in place; `undefined` removes it.
 * @throws RangeError where it leads nowhere.
 */
export function putAt(root: unknown, path: readonly string[], value: unknown): void {
  const parent = at(root, path.slice(0, -1));
  const last = path.at(-1)!;
  if (Array.isArray(parent)) {
    const index = parent.findIndex((item: { id?: string }) => item?.id === last);
    if (value === undefined) parent.splice(index, index < 0 ? 0 : 1);
    else if (index >= 0) parent[index] = value;
    else parent.push(value);
  } else if (isRecord(parent) && last !== '__proto__') {
    if (value === undefined) delete parent[last];
    else parent[last] = value as Json;
  } else throw new RangeError('Nothing stands where this was to be changed.');
}
