import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { changesBetween, withChanges } from './changes.ts';
import { same } from './same.ts';

const thing = fc.record({
  id: fc.constantFrom('a', 'b', 'c', 'd', 'e'),
  name: fc.constantFrom('', 'x', 'y'),
  more: fc.option(fc.record({ n: fc.nat(2), list: fc.array(fc.nat(2), { maxLength: 2 }) })),
});
const things = fc.array(thing).map((list) => [...new Map(list.map((item) => [item.id, item])).values()]);
const document = fc.record(
  {
    title: fc.constantFrom('', 'one', 'two'),
    things,
    by: fc.dictionary(fc.constantFrom('p', 'q', 'r'), thing),
  },
  { requiredKeys: ['title', 'things'] },
);
const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
/** The same value with its keys written the other way round. */
const turned = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(turned);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .reverse()
      .map(([key, one]) => [key, turned(one)]),
  );
};

describe('documents', () => {
  test('say the same whatever the order of their keys, and nothing by a key that holds nothing', () => {
    fc.assert(fc.property(document, (one) => expect(same(one, turned(one))).toBe(true)));
    expect(same({ a: 1, b: undefined }, { a: 1 })).toBe(true);
    for (const [a, b] of [
      [{ a: null }, {}],
      [
        [1, 2],
        [2, 1],
      ],
      [[], {}],
      [{ a: [] }, { a: [undefined] }],
      ['1', 1],
    ])
      expect([same(a, b), same(b, a)]).toEqual([false, false]);
  });

  test('any change sent as its places makes the one document into the other', () => {
    fc.assert(
      fc.property(document, document, (before, after) => {
        const sent = copy(changesBetween(before, after));
        expect(withChanges(copy(before), sent)).toEqual(after);
        expect(sent.length === 0).toBe(same(before, after));
      }),
      { numRuns: 500 },
    );
  });

  test('one letter of one question is one place, whatever else there is', () => {
    const questions = Object.fromEntries(
      Array.from({ length: 300 }, (_, i) => [`q${i}`, { id: `q${i}`, prompt: 'x' }]),
    );
    const after = copy(questions);
    after.q7!.prompt = 'xy';
    expect(changesBetween({ questions }, { questions: after })).toEqual([
      { path: ['questions', 'q7', 'prompt'], value: 'xy' },
    ]);
  });

  test.each([
    ['what every object has', ['__proto__', 'polluted']],
    ['the maker of every object', ['constructor', 'prototype', 'polluted']],
    ['a thing that is not there', ['things', 'z', 'name']],
    ['the inside of a text', ['title', 'length']],
  ])('a path to %s changes nothing', (_name, path) => {
    const one = { title: 'x', things: [{ id: 'a', name: '' }] };
    expect(() => withChanges(one, [{ path, value: 1 }])).toThrow(RangeError);
    expect(({} as { polluted?: number }).polluted).toBeUndefined();
  });
});
