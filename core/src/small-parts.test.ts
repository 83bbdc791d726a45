import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import {
  CODE_ALPHABET,
  clockOffset,
  newJoinCode,
  rank,
  readJoinCode,
  shuffledOrder,
  toCsv,
  weaveAt,
} from './index.ts';

test.each([
  [
    [30, 10, 20, 20],
    [1, 2, 2, 4],
  ],
  [
    [5, 5, 5],
    [1, 1, 1],
  ],
  [
    [0, -10, -10],
    [1, 2, 2],
  ],
  [[], []],
])('standings of %j are placed %j: "1224", the standard competition ranking', (scores, places) => {
  expect(rank(scores, (score) => [score]).map((row) => row.place)).toEqual(places);
});

test('a shuffled order is a permutation, and each of the 6 orders of three comes up alike', () => {
  fc.assert(
    fc.property(
      fc.nat(12),
      fc.infiniteStream(fc.double({ min: 0, max: 1, maxExcluded: true, noNaN: true })),
      (n, stream) => {
        const order = shuffledOrder(n, () => stream.next().value);
        expect([...order].sort((a, b) => a - b)).toEqual(Array.from({ length: n }, (_, i) => i));
      },
    ),
  );
  const counts = new Map<string, number>();
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 2; j++) {
      const draws = [(i + 0.5) / 3, (j + 0.5) / 2];
      const key = shuffledOrder(3, () => draws.shift()!).join('');
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
  expect([...counts.values()]).toEqual([1, 1, 1, 1, 1, 1]);
});

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

describe('clock offset (RFC 5905 section 8: offset = ((T2 − T1) + (T3 − T4)) / 2, delay = T4 − T1)', () => {
  test.each([
    // Server 100 ms ahead, 10 ms each way.
    [[{ sent: 0, server: 110, received: 20 }], { offset: 100, uncertainty: 10 }],
    // A slow sample is left out: only the best half counts.
    [
      [
        { sent: 0, server: 110, received: 20 },
        { sent: 100, server: 1000, received: 900 },
      ],
      { offset: 100, uncertainty: 10 },
    ],
    [[], null],
  ])('case %#', (samples, expected) => {
    expect(clockOffset(samples)).toEqual(expected);
  });
});

test('CSV is what RFC 4180 says and runs no formula in a spreadsheet', () => {
  const rows = [
    ['plain', 1, null],
    ['with "quotes", comma', -5, 'line\r\nbreak'],
    ['=1+1', 2, '@SUM(A1)'],
    ['-5', 3, '+44'],
  ];
  const csv = toCsv(['a', 'b', 'c'], rows);
  expect(csv.startsWith('\uFEFFa,b,c\r\n')).toBe(true);
  const read = Papa.parse<string[]>(csv.slice(1), { skipEmptyLines: true }).data.slice(1);
  expect(read).toEqual([
    ['plain', '1', ''],
    ['with "quotes", comma', '-5', 'line\r\nbreak'],
    ["'=1+1", '2', "'@SUM(A1)"],
    ["'-5", '3', "'+44"],
  ]);
});

test('fifty teams get fifty weaves that differ', () => {
  expect(new Set(Array.from({ length: 84 }, (_, n) => JSON.stringify(weaveAt(n)))).size).toBe(84);
});
