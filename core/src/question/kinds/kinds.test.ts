import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as v from 'valibot';
import { convert } from '../convert.ts';
import { AnswerContent, kindNames, kindOf, type ContentOf, type KindName } from './index.ts';
import { choice } from './choice.ts';
import { many } from './many.ts';
import { match } from './match.ts';
import { number } from './number.ts';
import { order } from './order.ts';
import { truefalse } from './truefalse.ts';

const options = (...texts: string[]) => texts.map((one, i) => ({ id: `o${i}`, text: one }));
const ids = () => {
  let n = 0;
  return () => `i${n++}`;
};
const forgive = { case: true, accents: true, articles: true, slips: true };
const numbers = {
  kind: 'number',
  key: 50,
  marking: 'exact',
  tolerance: 0,
  percent: false,
  unit: 'm',
  units: [],
} satisfies ContentOf<'number'>;

describe('no silent key', () => {
  const keyed = kindNames.filter((kind) => kindOf(kind).keyed && kind !== 'order' && kind !== 'match');
  test.each(keyed)('a blank %s has no key and says so', (kind) => {
    expect(kindOf(kind).lacks(kindOf(kind).blank(ids()))).toContain('key');
  });
  // A card and what is asked in own words need no more than a prompt, and a scale has its steps.
  test.each(kindNames.filter((kind) => !['card', 'scale', 'words'].includes(kind)))(
    'a blank %s is unfinished, and stored as it is',
    (kind) => {
      const blank = kindOf(kind).blank(ids());
      expect(kindOf(kind).lacks(blank)).not.toEqual([]);
      expect(v.parse(AnswerContent, blank)).toEqual(blank);
    },
  );
  test.each<[string, AnswerContent, string[]]>([
    ['finished', { kind: 'choice', options: options('ebb', 'flood'), key: 'o1' }, []],
    ['key of an option that went', { kind: 'choice', options: options('ebb', 'flood'), key: 'o7' }, ['key']],
    ['an empty option', { kind: 'choice', options: options('ebb', ' '), key: 'o0' }, ['emptyOption']],
    [
      'two options alike but for case and accents',
      { kind: 'choice', options: options('Café', 'cafe', 'tea'), key: 'o2' },
      ['equalOptions'],
    ],
    ['signs are no empty option', { kind: 'choice', options: options('+', '-'), key: 'o0' }, []],
    ['keys that went', { kind: 'many', options: options('a', 'b'), keys: ['o9'], marking: 'all' }, ['key']],
    ['alike words', { kind: 'truefalse', key: true, words: { true: 'Yes', false: 'yes' } }, ['equalOptions']],
    ['nothing accepted', { kind: 'text', accepted: ['  '], forgive }, ['key']],
    ['a second spelling only', { kind: 'text', accepted: ['', 'neap'], forgive }, []],
    ['a key of zero', { ...numbers, key: 0 }, []],
    [
      'half a pair',
      {
        kind: 'match',
        pairs: [
          { id: 'a', left: 'x', right: '' },
          { id: 'b', left: 'X', right: 'y' },
        ],
        extras: [],
        marking: 'all',
      },
      ['emptyPair', 'equalOptions'],
    ],
  ])('%s', (_name, content, lacks) => {
    expect(kindOf(content.kind).lacks(content)).toEqual(lacks);
  });
});

describe('marking', () => {
  test.each([
    ['all', [0, 2], 1],
    ['all', [2, 0], 1],
    ['all', [0], 0],
    ['all', [0, 1, 2], 0],
    ['minus', [0, 2], 1],
    ['minus', [0], 0.5],
    ['minus', [0, 1], 0],
    ['minus', [0, 1, 2], 0.5],
    ['minus', [1, 3], 0],
  ] as const)('several of several, %s: picks %j of a key {0, 2} bring %f', (marking, slots, share) => {
    const content = {
      kind: 'many' as const,
      options: options('a', 'b', 'c', 'd'),
      keys: ['o0', 'o2'],
      marking,
    };
    expect(many.mark(content, many.read(content, [0, 1, 2, 3], { slots })!, [])).toBe(share);
  });

  test.each([
    // Kendall's tau of a reversed order is −1, of one neighbouring swap among 4 things 2/3: (1 + tau) / 2.
    ['pairs', [0, 1, 2, 3], 1],
    ['pairs', [1, 0, 2, 3], 5 / 6],
    ['pairs', [3, 2, 1, 0], 0],
    ['pairs', [2, 3, 0, 1], 2 / 6],
    ['all', [1, 0, 2, 3], 0],
    ['all', [0, 1, 2, 3], 1],
  ] as const)('put in order, %s: %j brings %f', (marking, slots, share) => {
    const content = { kind: 'order' as const, options: options('a', 'b', 'c', 'd'), marking };
    expect(order.mark(content, order.read(content, [0, 1, 2, 3], { slots })!, [])).toBeCloseTo(share, 12);
  });

  test('match pairs: by pairs or all; a right one serves once; one that reads the same is the same', () => {
    const pairs = [
      { id: 'a', left: 'red', right: 'port' },
      { id: 'b', left: 'green', right: 'starboard' },
      { id: 'c', left: 'larboard', right: 'Port' },
    ];
    const content = { kind: 'match' as const, pairs, extras: options('stern'), marking: 'pairs' as const };
    const share = (slots: (number | null)[]) => {
      const answer = match.read(content, [0, 1, 2, 3], { slots });
      return answer && match.mark(content, answer, []);
    };
    expect(share([0, 1, 2])).toBe(1);
    expect(share([2, 1, 0])).toBe(1);
    expect(share([0, 3, null])).toBeCloseTo(1 / 3);
    expect(share([0, 0, 1])).toBeNull();
    expect(share([0, 4, 1])).toBeNull();
    expect(share([null, null, null])).toBeNull();
    expect(share([0, 1])).toBeNull();
    expect(match.show(content, [3, 2, 1, 0], { rights: ['o0', null, 'a'] })).toEqual({
      slots: [0, -1, 3],
      text: 'red – stern; green – …; larboard – port',
    });
  });

  test.each<[string, object, string, number | null]>([
    ['exact', {}, '50', 1],
    ['exact, with its unit', {}, '50 M', 1],
    ['exact, off', {}, '50.001', 0],
    ['a decimal fraction that binary cannot hold', { key: 0.3 }, '0,3', 1],
    ['another unit', { units: [{ name: 'cm', factor: 0.01 }] }, '5000 cm', 1],
    ['a unit that nobody named', {}, '50 ft', null],
    ['no number', {}, 'fifty', null],
    ['at the edge of a tolerance', { marking: 'within', tolerance: 5 }, '55', 1],
    ['beyond it', { marking: 'within', tolerance: 5 }, '55.1', 0],
    ['percent of a negative key', { key: -200, marking: 'within', tolerance: 10, percent: true }, '−180', 1],
    ['closest, hit', { marking: 'closest' }, '50', 1],
  ])('a number, %s', (_name, change, typed, share) => {
    const content = { ...numbers, ...change } as ContentOf<'number'>;
    const answer = number.read(content, [], { text: typed });
    expect(answer && number.mark(content, answer, [answer])).toBe(share);
  });

  test('closest wins: among several the nearest, both of a tie; alone the host must say', () => {
    const content = { ...numbers, marking: 'closest' as const };
    const answers = [40, 61, 60, 90].map((value) => ({ value, text: `${value}` }));
    expect(answers.map((one) => number.mark(content, one, answers))).toEqual([1, 0, 1, 0]);
    expect(number.mark(content, answers[0]!, [answers[0]!])).toBeNull();
  });

  test('an answer names a slot of the shown order, not an option of the author', () => {
    const content = { kind: 'choice' as const, options: options('a', 'b', 'c'), key: 'o2' };
    const layout = [2, 0, 1];
    expect(choice.options(content, layout).map((one) => one.text)).toEqual(['c', 'a', 'b']);
    const answer = choice.read(content, layout, { slot: 0 })!;
    expect(choice.mark(content, answer, [])).toBe(1);
    expect(choice.show(content, layout, answer)).toEqual({ slots: [0], text: 'c' });
    expect(choice.key(content, layout)).toEqual({ slots: [0], texts: ['c'] });
    expect(choice.read(content, layout, { slot: 3 })).toBeNull();
    expect(choice.read(content, layout, { slot: 0.5 })).toBeNull();
    expect(truefalse.read(truefalse.blank(ids()), [0, 1], { slot: 2 })).toBeNull();
  });
});

test('whatever comes over the wire is read or refused, its share lies from 0 to 1, and everything is laid out once', () => {
  const wire = fc.oneof(
    fc.record({ slot: fc.integer({ min: -1, max: 9 }) }),
    fc.record({ slots: fc.array(fc.option(fc.integer({ min: -1, max: 8 })), { maxLength: 9 }) }),
    fc.record({ text: fc.string() }),
    // What a handset would send: each of these is an answer to some of them.
    fc.record({ slot: fc.nat(1) }),
    fc.record({ slots: fc.shuffledSubarray([0, 1, 2]) }),
    fc.record({ slots: fc.constantFrom([0, 1, 2], [2, 1, 0], [0, 1], [1, 0]) }),
    fc.record({ text: fc.constantFrom('neap', 'a Neap', '7', '7.5 m', '12') }),
    fc.anything(),
  );
  const contents: AnswerContent[] = [
    { kind: 'choice', options: options('a', 'b', 'c'), key: 'o1' },
    { kind: 'many', options: options('a', 'b', 'c'), keys: ['o1'], marking: 'minus' },
    { kind: 'truefalse', key: true, words: { true: 'True', false: 'False' } },
    { kind: 'text', accepted: ['neap'], forgive },
    { ...numbers, marking: 'within', tolerance: 3 },
    { kind: 'order', options: options('a', 'b', 'c'), marking: 'pairs' },
    {
      kind: 'match',
      pairs: [
        { id: 'x', left: 'l', right: 'r' },
        { id: 'y', left: 'm', right: 's' },
      ],
      extras: [],
      marking: 'pairs',
    },
    { kind: 'aloud', key: 'k' },
    { kind: 'opinion', options: options('yes', 'no') },
    { kind: 'opinion', options: options('a', 'b', 'c'), pick: 'several' },
    { kind: 'opinion', options: options('a', 'b', 'c'), pick: 'ranked' },
    { kind: 'scale', steps: 5, from: 0, low: '', high: 'all' },
    { kind: 'words' },
    { kind: 'card' },
  ];
  expect(new Set(contents.map((one) => one.kind))).toEqual(new Set(kindNames));
  const draws = fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true }));
  let marked = 0;
  fc.assert(
    fc.property(fc.constantFrom(...contents), wire, draws, (content, given, stream) => {
      const kind = kindOf(content.kind);
      const layout = kind.layOut(content, () => stream.next().value, true);
      expect([...layout].sort()).toEqual(kind.asWritten(content));
      const answer = kind.read(content, layout, given);
      if (!answer) return;
      const share = kind.mark(content, answer, [answer]);
      expect(share === null || (share >= 0 && share <= 1)).toBe(true);
      marked++;
      expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
    }),
    { numRuns: 500 },
  );
  // Much of what comes over a wire is no answer; some has to be.
  expect(marked).toBeGreaterThan(20);
});

test('another kind takes over what was written and marks nothing as right that was not', () => {
  const from: AnswerContent = { kind: 'choice', options: options('ebb', 'flood'), key: 'o1' };
  const to = (kind: KindName, content: AnswerContent = from) => convert(content, kind, ids());
  expect(to('many')).toMatchObject({ options: from.options, keys: ['o1'] });
  expect(to('order')).toMatchObject({ options: from.options });
  expect(to('opinion')).toMatchObject({ options: from.options });
  expect(to('match')).toMatchObject({
    pairs: [
      { left: 'ebb', right: '' },
      { left: 'flood', right: '' },
    ],
  });
  expect(to('text')).toMatchObject({ accepted: ['flood'] });
  expect(to('aloud')).toMatchObject({ key: 'flood' });
  expect(
    to('choice', { kind: 'many', options: from.options, keys: ['o0', 'o1'], marking: 'all' }),
  ).toMatchObject({ key: null });
  expect(to('choice', { kind: 'aloud', key: 'neap' })).toMatchObject({
    options: [{ text: 'neap' }, {}, {}, {}],
    key: 'i0',
  });
  for (const kind of kindNames) {
    const unkeyed = to(kind, { ...from, key: null });
    expect(v.parse(AnswerContent, unkeyed)).toEqual(unkeyed);
    // The order that is written is the key.
    const lacks = kindOf(kind).lacks(unkeyed).length > 0;
    expect([kind, lacks || !kindOf(kind).keyed || kind === 'order']).toEqual([kind, true]);
  }
});
