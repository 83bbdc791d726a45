import type { Random } from '../random/shuffle.ts';

/**
 * Letters and figures of a join code: none that look alike (0 O, 1 I L, 2 Z, 5 S, 8 B, U V) and no
 * vowels, so that no code spells a word. 21⁵ is about four million codes.
 */
export const CODE_ALPHABET = 'CDFGHJKMNPQRTWXY34679';
export const CODE_LENGTH = 5;

export const newJoinCode = (random: Random): string =>
  Array.from({ length: CODE_LENGTH }, () => CODE_ALPHABET[Math.floor(random() * CODE_ALPHABET.length)]).join(
    '',
  );

/** A typed code in its one spelling: upper case, without blanks and dashes. Null if it cannot be one. */
export function readJoinCode(typed: string): string | null {
  const code = typed.toUpperCase().replace(/[\s-]+/g, '');
  return code.length === CODE_LENGTH && [...code].every((sign) => CODE_ALPHABET.includes(sign)) ? code : null;
}
