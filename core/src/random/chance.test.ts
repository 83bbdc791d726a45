import { expect, test } from '@jest/globals';
import jstat from 'jstat';
import { blankTrail } from '../formats/trail/content.ts';
import { FACES } from '../formats/trail/trail.ts';
import { formatOf } from '../formats/index.ts';
import type { Table } from '../formats/format.ts';
import { seeded } from './seeded.ts';
import { shuffledOrder } from './shuffle.ts';

/*
 * Source of the critical values: the chi-square distribution of the package jstat. A fair chance fails this once in
 * a thousand; the numbers drawn follow from a seed, so that it either always fails or never.
 */
const RARELY = 0.999;
const critical = (degrees: number) => jstat.chisquare.inv(RARELY, degrees);
/** Pearson's statistic against equal shares. */
function chiSquare(counts: readonly number[]): number {
  const expected = counts.reduce((sum, one) => sum + one, 0) / counts.length;
  return counts.reduce((sum, one) => sum + (one - expected) ** 2 / expected, 0);
}
const counted = (of: number, times: number, draw: () => number): number[] => {
  const counts = Array.from({ length: of }, () => 0);
  for (let i = 0; i < times; i++) counts[draw()]!++;
  return counts;
};

test('the critical values are those of the tables: 20.515 for five degrees, 27.877 for nine (from memory)', () => {
  expect([critical(5), critical(9)].map((one) => Math.round(one * 1000) / 1000)).toEqual([20.515, 27.877]);
});

test('100,000 rolls of the die show each face as often as the others', () => {
  const random = seeded('die');
  const trail = formatOf('trail');
  const content = { ...blankTrail(), pass: 0 };
  const state = trail.begin(content, {}, { order: ['q'] });
  const table = { teams: ['t'], turn: 't', busy: false } as unknown as Table;
  const counts = counted(FACES, 100_000, () => {
    const drafts = trail.act(state, { do: 'roll' }, table, { role: 'host' }, random);
    return ((drafts as { act: { face: number } }[])[0]!.act.face ?? 0) - 1;
  });
  expect(chiSquare(counts)).toBeLessThan(critical(FACES - 1));
  // What a loaded die would come to: the test would see it.
  expect(chiSquare([...counts.slice(1), counts[0]! * 1.05])).toBeGreaterThan(critical(FACES - 1));
});

test('100,000 shuffles of four leave each of the 24 orders as often as the others', () => {
  const random = seeded('shuffle');
  const orders = new Map<string, number>();
  const counts = counted(24, 100_000, () => {
    const order = shuffledOrder(4, random).join('');
    if (!orders.has(order)) orders.set(order, orders.size);
    return orders.get(order)!;
  });
  expect(chiSquare(counts)).toBeLessThan(critical(23));
});
