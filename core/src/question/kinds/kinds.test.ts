import { describe, expect, test } from '@jest/globals';
import { kindNames, kindOf } from './index.ts';
import { choice } from './choice.ts';
import { text } from './text.ts';

const options = (...texts: string[]) => texts.map((one, i) => ({ id: `o${i}`, text: one }));

describe('no silent key', () => {
  test.each(kindNames)('a blank %s has no key and says so', (kind) => {
    let n = 0;
    expect(kindOf(kind).lacks(kindOf(kind).blank(() => `${n++}`))).toContain('key');
  });
  test.each([
    ['finished', options('ebb', 'flood'), 'o1', []],
    ['key of an option that went', options('ebb', 'flood'), 'o7', ['key']],
    ['an empty option', options('ebb', ' '), 'o0', ['emptyOption']],
    ['two options alike but for case and accents', options('Café', 'cafe', 'tea'), 'o2', ['equalOptions']],
    ['signs are no empty option', options('+', '-'), 'o0', []],
  ])('one of several, %s', (_name, list, key, lacks) => {
    expect(choice.lacks({ kind: 'choice', options: list, key })).toEqual(lacks);
  });
  test.each([
    [[], ['key']],
    [['  '], ['key']],
    [['', 'neap'], []],
  ])('typed text with %j lacks %j', (accepted, lacks) => {
    expect(text.lacks({ kind: 'text', accepted })).toEqual(lacks);
  });
});

describe('marking', () => {
  const accepted = ['Neap tide', 'Æquinox', 'straße', 'C++'];
  test.each([
    ['neap tide', 'right'],
    ['  NEAP   TIDE ', 'right'],
    ['neap-tide', 'right'],
    ['neaptide', 'wrong'],
    ['Strasse', 'right'],
    ['STRASSE', 'right'],
    ['neáp tidé', 'right'],
    ['ｎｅａｐ ｔｉｄｅ', 'right'],
    ['tide', 'wrong'],
  ])('%j is %s', (given, verdict) => {
    expect(text.mark({ kind: 'text', accepted }, { text: given })).toBe(verdict);
  });

  test('an answer names a slot of the shown order, not an option of the author', () => {
    const content = { kind: 'choice' as const, options: options('a', 'b', 'c'), key: 'o2' };
    const order = [2, 0, 1];
    expect(choice.options(content, order)).toEqual(['c', 'a', 'b']);
    const answer = choice.read(content, order, { slot: 0 })!;
    expect(choice.mark(content, answer)).toBe('right');
    expect(choice.show(content, order, answer)).toEqual({ slot: 0, text: 'c' });
    expect(choice.key(content, order)).toEqual({ slots: [0], texts: ['c'] });
    expect(choice.read(content, order, { slot: 3 })).toBeNull();
    expect(choice.read(content, order, { slot: 0.5 })).toBeNull();
  });
});
