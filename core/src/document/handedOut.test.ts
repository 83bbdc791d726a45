import { afterEach, expect, test } from '@jest/globals';
import { guardHandedOut, handedOut, settledForGood } from './handedOut.ts';

const made = () => ({
  list: [{ n: 1 }, { n: 2 }],
  of: new Map([['a', { n: 1 }]]),
  some: new Set([1]),
  nested: { deep: { n: 1 } },
});
afterEach(() => guardHandedOut(true));

test.each<[string, (one: ReturnType<typeof made>) => unknown]>([
  ['a property', (one) => (one.nested.deep.n = 2)],
  ['one that is taken away', (one) => delete (one as Partial<typeof one>).list],
  ['the order of a list', (one) => one.list.reverse()],
  ['a list that grows', (one) => one.list.push({ n: 2 })],
  ['a thing in a list', (one) => one.list.forEach((each) => each.n++)],
  ['a map', (one) => one.of.set('b', { n: 2 })],
  ['what a map holds', (one) => (one.of.get('a')!.n = 2)],
  ['what a map holds, found by going through it', (one) => [...one.of.values()].forEach((each) => each.n++)],
  ['an entry of a map', (one) => [...one.of].forEach(([, each]) => each.n++)],
  ['a set', (one) => one.some.add(2)],
  ['properties put over it', (one) => Object.assign(one.nested, { n: 1 })],
])('what was handed out is not changed: %s', (_, change) => {
  const own = made();
  expect(() => change(handedOut(own))).toThrow('only to be read');
  expect(own).toEqual(made());
});

test('it reads as it is, is the same each time, and follows its owner', () => {
  const own = made();
  const shown = handedOut(own);
  expect(shown).toEqual(made());
  expect(JSON.stringify(shown)).toBe(JSON.stringify(made()));
  expect(shown.nested).toBe(handedOut(own).nested);
  expect([shown.of.size, shown.some.has(1), [...shown.some], [...shown.of.keys()]]).toEqual([
    1,
    true,
    [1],
    ['a'],
  ]);
  own.of.set('b', { n: 2 });
  expect(shown.of.get('b')).toEqual({ n: 2 });
});

test('what is settled for good is frozen all the way down, and handed out as it is', () => {
  const own = settledForGood({ list: [{ n: 1 }] });
  expect(() => own.list[0]!.n++).toThrow('read only');
  expect(handedOut(own)).toBe(own);
});

test('without the guard nothing is put around it', () => {
  guardHandedOut(false);
  const own = made();
  expect(handedOut(own)).toBe(own);
});
