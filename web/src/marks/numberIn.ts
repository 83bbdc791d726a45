/** A number that a field holds; null while it holds none. */
export function numberIn(value: unknown): number | null {
  const n = Number(value);
  return value === '' || value === null || !Number.isFinite(n) ? null : n;
}

/** Numbers as people write a list of them – 10, 8, 6 –, none beyond `largest`, at most `count`. */
export const numbersIn = (text: string, largest: number, count: number): number[] =>
  text
    .split(/[^\d.]+/)
    .filter(Boolean)
    .map(Number)
    .filter((n) => Number.isFinite(n) && n <= largest)
    .slice(0, count);
