import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { shuffledOrder } from './shuffle.ts';

test('a shuffled order is a permutation, and each of the 6 orders of three comes up alike', () => {
  fc.assert(
    fc.property(
      fc.nat(12),
      fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })),
      (n, stream) => {
        const order = shuffledOrder(n, () => stream.next().value);
        expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i));
      },
    ),
  );
  const counts = new Map<string, number>();
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 2; j++) {
      const draws = [(i + 0.5) / 3, (j + 0.5) / 2];
      const key = shuffledOrder(3, () => draws.shift()!).join('');
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
  expect([...counts.values()]).toEqual([1, 1, 1, 1, 1, 1]);
});
