import { expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { toCsv } from './csv.ts';

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
