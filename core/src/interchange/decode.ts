/** Part of the WHATWG Encoding standard; every host of this code has it. */
declare const TextDecoder: new (
  label: string,
  options?: { fatal?: boolean },
) => { decode(bytes: Uint8Array): string };

export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252';

export interface Decoded {
  text: string;
  encoding: Encoding;
  /** True where nothing in the bytes says the encoding, and it is not valid UTF-8: it was guessed. */
  guessed: boolean;
}

/** What Windows-1252 has in the places 80 … 9F, where Latin-1 has controls. */
export const EXTRAS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/** By hand, since decoders of some hosts take it for Latin-1. */
function windows1252(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes)
    text += byte >= 0x80 && byte <= 0x9f ? EXTRAS[byte - 0x80]! : String.fromCharCode(byte);
  return text;
}

/** UTF-16 without a mark: text of Latin letters has a zero in every other byte. */
function zeros(bytes: Uint8Array): { even: number; odd: number } {
  const seen = { even: 0, odd: 0 };
  const some = bytes.subarray(0, 2000);
  some.forEach((byte, i) => {
    if (byte === 0) seen[i % 2 === 0 ? 'even' : 'odd']++;
  });
  return { even: seen.even / some.length, odd: seen.odd / some.length };
}

/**
 * Text from the bytes of a file: by its byte-order mark, else UTF-8 where that is valid, else
 * UTF-16 by its zeros, else Windows-1252 (which Latin-1 is part of) as a guess that is said.
 */
export function decode(bytes: Uint8Array): Decoded {
  const as = (encoding: Encoding, guessed = false): Decoded => ({
    // The decoders drop a byte-order mark of their own encoding.
    text: new TextDecoder(encoding).decode(bytes),
    encoding,
    guessed,
  });
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return as('utf-16le');
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return as('utf-16be');
  const { even, odd } = zeros(bytes);
  if (odd > 0.2 && even < 0.05) return as('utf-16le', true);
  if (even > 0.2 && odd < 0.05) return as('utf-16be', true);
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    return { text, encoding: 'utf-8', guessed: false };
  } catch {
    return { text: windows1252(bytes), encoding: 'windows-1252', guessed: true };
  }
}
