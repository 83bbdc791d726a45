/** Any JSON value. */
export type Json = null | boolean | number | string | Json[] | { [key: string]: Json };

export const isRecord = (value: unknown): value is { [key: string]: Json } =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Whether two JSON values say the same, in whatever order their keys were written. A key that holds
 * `undefined` counts as absent, as it does once it is sent.
 */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a))
    return Array.isArray(b) && a.length === b.length && a.every((item, i) => same(item, b[i]));
  if (!isRecord(a) || !isRecord(b)) return false;
  return (
    Object.keys(a).every((key) => same(a[key], b[key])) &&
    Object.keys(b).every((key) => b[key] === undefined || a[key] !== undefined)
  );
}
