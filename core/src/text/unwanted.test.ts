import { describe, expect, test } from '@jest/globals';
import { unwantedWords } from './unwanted.ts';

describe('unwanted words', () => {
  // Harmless words stand for what nobody wants to read here.
  const is = unwantedWords(['bilge', 'mud lark', 'zäh', '泥'], ['lark']);
  test.each([
    ['bilge', true],
    ['You BILGE!', true],
    ['b1lg3', true],
    ['b i l g e', true],
    ['biiiilge', true],
    ['Mud-Lark', true],
    ['zah', true],
    ['大泥人', true],
    ['bil-ge', true],
    ['b.i.l.g.e', true],
    // A Cyrillic е and a Greek ι among Latin letters.
    ['bilgе', true],
    ['bιlge', true],
    ['bilge-rat', true],
    ['Bil-Geer', false],
    ['билге', false],
    ['bilges', false],
    ['Obilge', false],
    ['a mud and a lark', false],
    ['A b c', false],
    ['Ansa', false],
    ['', false],
  ])('%s: %s', (text, expected) => {
    expect(is(text)).toBe(expected);
  });
  test('an allowed word never counts', () => {
    expect(unwantedWords(['Bilge'], ['bilge'])('bilge')).toBe(false);
  });
});
