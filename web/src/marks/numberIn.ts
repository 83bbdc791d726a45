/** A number that a field holds; null while it holds none. */
export function numberIn(value: unknown): number | null {
  const n = Number(value);
  return value === '' || value === null || !Number.isFinite(n) ? null : n;
}
