import { shuffledOrder, type Random } from '../../random/shuffle.ts';

/**
 * Values for `covers` covers, each with its opposite, none heavier than `most`, zero for an odd
 * place: their sum is zero. No weight comes twice before all have come once.
 */
export function balancedValues(covers: number, most: number, random: Random): number[] {
  const weights: number[] = [];
  while (weights.length < Math.floor(covers / 2))
    weights.push(...shuffledOrder(most, random).map((i) => i + 1));
  const pairs = weights.slice(0, Math.floor(covers / 2)).flatMap((weight) => [weight, -weight]);
  const values = covers % 2 === 1 ? [...pairs, 0] : pairs;
  return shuffledOrder(covers, random).map((i) => values[i]!);
}
