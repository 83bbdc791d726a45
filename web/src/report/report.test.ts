import { expect, test } from '@jest/globals';
import type { Report } from '@distaff/core/report';
import fc from 'fast-check';
import { itemOrders, itemsInOrder } from './itemOrder.ts';
import { columnsInOrder, orders, rowsInOrder } from './signs.ts';

const knower = fc.record({
  name: fc.constantFrom('Ansa', 'Jory', 'Émile', 'Zoë', 'Team 2', 'Team 10'),
  share: fc.option(fc.double({ min: 0, max: 1, noNaN: true })),
});

test('each row stands once, the best first or last, and whoever was asked nothing after all others', () => {
  fc.assert(
    fc.property(fc.array(knower, { maxLength: 12 }), fc.constantFrom(...orders), (list, order) => {
      const knowers = list as Report['knowers'];
      const rows = rowsInOrder({ knowers }, order, 'en');
      expect([...rows].sort((a, b) => a - b)).toEqual(list.map((_, i) => i));
      if (order === 'name') return;
      const shares = rows.map((row) => list[row]!.share);
      const asked = shares.filter((one) => one !== null);
      expect(shares.slice(asked.length).every((one) => one === null)).toBe(true);
      const sorted = [...asked].sort((a, b) => a - b);
      expect(asked).toEqual(order === 'best' ? sorted.reverse() : sorted);
    }),
  );
  const named = ['Team 10', 'Zoë', 'Émile', 'Team 2'].map((name) => ({ name, share: 1 }));
  const rows = rowsInOrder({ knowers: named as Report['knowers'] }, 'name', 'en');
  expect(rows.map((row) => named[row]!.name)).toEqual(['Émile', 'Team 2', 'Team 10', 'Zoë']);
});

test('columns go round by round, those of one place beside each other in the order of play', () => {
  const items = [
    { place: 'Tides', begun: 0 },
    { place: 'Knots', begun: 0 },
    { place: 'Tides', begun: 0 },
    { place: 'Tides', begun: 1 },
  ];
  const { columns, places } = columnsInOrder(items);
  expect(columns).toEqual([0, 2, 1, 3]);
  expect(places.map(({ name, count }) => `${name} ${count}`)).toEqual(['Tides 2', 'Knots 1', 'Tides 1']);
});

test('questions that deserve a look come first, a key that may be wrong before all; no order loses one', () => {
  const items = (
    [
      [0.9, ['everybody']],
      [0.2, []],
      [0.4, ['tempting']],
      [0.5, ['everybody', 'contrary']],
    ] as const
  ).map(([share, flags], i) => ({ number: i + 1, figures: { share, flags } })) as unknown as Report['items'];
  const numbers = (order: (typeof itemOrders)[number]) =>
    itemsInOrder(items, order).map(({ number }) => number);
  expect(itemOrders.map(numbers)).toEqual([
    [1, 2, 3, 4],
    [2, 3, 4, 1],
    [4, 3, 1, 2],
  ]);
});
