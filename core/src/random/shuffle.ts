/** A source of numbers in [0, 1); handed in, never made here. */
export type Random = () => number;

/**
 * A random order of 0 … n−1, every order equally likely (Fisher and Yates; Durstenfeld 1964,
 * "Algorithm 235").
 */
export function shuffledOrder(n: number, random: Random): number[] {
  const order = Array.from({ length: n }, (_, i) => i);
  for (let i = n - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [order[i], order[j]] = [order[j]!, order[i]!];
  }
  return order;
}
