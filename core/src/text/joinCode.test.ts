import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CODE_ALPHABET, newJoinCode, readJoinCode } from './joinCode.ts';

describe('join codes', () => {
  test('no two signs look alike and no vowel spells a word', () => {
    expect(CODE_ALPHABET).not.toMatch(/[AEIOU01258BSZVL]/);
    expect(new Set(CODE_ALPHABET).size).toBe(CODE_ALPHABET.length);
  });
  test('a new code is read back in any case and with blanks', () => {
    fc.assert(
      fc.property(
        fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })),
        (stream) => {
          const code = newJoinCode(() => stream.next().value);
          expect(readJoinCode(` ${code.slice(0, 2).toLowerCase()}-${code.slice(2)} `)).toBe(code);
        },
      ),
    );
  });
  test.each(['', 'CDFG', 'CDFGHJ', 'CDFG0', 'ÄDFGH'])('%j is none', (typed) => {
    expect(readJoinCode(typed)).toBeNull();
  });
});
