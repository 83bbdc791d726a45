import { plainText } from '../text/markdown.ts';

/**
 * Letters that the typefaces of stage and handset have (Atkinson Hyperlegible Next, Latin and Latin
 * extended), as ranges of code points. `letters.test.ts` holds it against the font files.
 */
const RANGES =
  '20-7e a0-ac ae-b4 b6-107 10a-113 116-11b 11e-123 126-127 12a-12b 12e-133 136-137 139-13e 141-148 150-155 158-15b 15e-165 16a-16b 16e-17e 192 218-21b 237 2c6-2c7 2c9 2da 2dc-2dd 300-301 303-304 308 1e80-1e85 1e9e 1ef2-1ef3 2009 2013-2014 2018-201a 201c-201e 2020 2022 2026 2039-203a 2044 20ac 20b9 2113 2122 2212 2215';

const ranges = RANGES.split(' ').map((range) => {
  const [from, to = from] = range.split('-');
  return [parseInt(from!, 16), parseInt(to!, 16)] as const;
});
const LAST = 0x2300;
const table = new Uint8Array(LAST);
for (const [from, to] of ranges) table.fill(1, from, to + 1);
const known = (code: number) => code < LAST && table[code] === 1;

/** Line breaks and signs that join letters or choose their shape are not drawn by themselves. */
const UNDRAWN = /[\n\t\u00AD\u200B-\u200D\u2060\uFE00-\uFE0F]/u;

/** Letters of a text that the typefaces lack, each once; formulas have typefaces of their own. */
export function strangeLetters(text: string): string[] {
  // Most texts hold nothing but letters that every typeface has.
  if (/^[\x20-\x7E\n]*$/.test(text)) return [];
  const shown = plainText(text.replace(/\$[^$]*\$/g, ' ')).normalize('NFC');
  return [...new Set([...shown])].filter((sign) => !UNDRAWN.test(sign) && !known(sign.codePointAt(0)!));
}
