import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import Papa from 'papaparse';
import { decode } from '../decode.ts';
import { readGradeSheet } from './gradeSheet.ts';
import type { Entry, GradeSheet } from './sheet.ts';

const bytesOf = (text: string) => Buffer.from(text, 'utf8');
function sheetOf(bytes: Uint8Array): GradeSheet {
  const read = readGradeSheet(new Uint8Array(bytes));
  if ('trouble' in read) throw new Error(read.trouble);
  return read.sheets[0]!;
}
const fill = (text: string, entries: Entry[]) => decode(sheetOf(bytesOf(text)).fill(entries)).text;

describe('a sheet of separated values is given back', () => {
  test.each<[string, string, Entry[], string]>([
    [
      'an empty cell',
      'Name,Mark\nAnsa,\nJory,\n',
      [{ row: 1, column: 1, value: 82 }],
      'Name,Mark\nAnsa,82\nJory,\n',
    ],
    [
      'quotes, blanks and line ends of others stay',
      '"Name";"Mark"\r\n" Kestle; Ansa ";"old"\r\n\r\nJory;x',
      [{ row: 1, column: 1, value: 4.5 }],
      '"Name";"Mark"\r\n" Kestle; Ansa ";4.5\r\n\r\nJory;x',
    ],
    [
      'a column that was not there',
      'Name\nAnsa',
      [
        { row: 0, column: 2, value: 'Quiz' },
        { row: 1, column: 2, value: 7 },
      ],
      'Name,,Quiz\nAnsa,,7',
    ],
    [
      'a comma where the sheet writes one',
      'a;b\nx;3,5\ny;',
      [{ row: 2, column: 1, value: 4.5 }],
      'a;b\nx;3,5\ny;4,5',
    ],
    ['what has to be quoted', 'a,b\nx,', [{ row: 1, column: 1, value: 'B, "good"' }], 'a,b\nx,"B, ""good"""'],
    [
      'a first line that names the divider',
      'sep=;\na;b\nx;',
      [{ row: 1, column: 1, value: 1 }],
      'sep=;\na;b\nx;1',
    ],
  ])('%s', (_name, text, entries, expected) => {
    expect(fill(text, entries)).toBe(expected);
  });

  const cell = fc.string({ unit: fc.constantFrom('a', 'é', ' ', '"', ',', '\n', '1'), maxLength: 6 });
  test('one cell is another, all others are what they were, to the byte where nothing is filled', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(cell, { minLength: 2, maxLength: 4 }), { minLength: 1, maxLength: 5 }),
        fc.nat(),
        fc.nat(),
        fc.constantFrom('\n' as const, '\r\n' as const),
        (table, r, c, newline) => {
          const text = Papa.unparse(table, { newline, delimiter: ',' });
          const before = bytesOf(text);
          fc.pre(text.trim() !== '');
          expect(Buffer.from(sheetOf(before).fill([]))).toEqual(before);
          const row = r % table.length;
          const column = c % table[row]!.length;
          const parse = (from: string) => Papa.parse<string[]>(from, { delimiter: ',', newline }).data;
          const wanted = parse(text).map((own) => [...own]);
          wanted[row]![column] = '42';
          expect(parse(fill(text, [{ row, column, value: 42 }]))).toEqual(wanted);
        },
      ),
    );
  });

  test('in the encoding in which it came', () => {
    const text = 'Name;Mark\nZoë “Z” €;\n';
    const utf16 = Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from(text, 'utf16le')]);
    const back = Buffer.from(sheetOf(utf16).fill([{ row: 1, column: 1, value: 5 }]));
    expect(back.subarray(2).toString('utf16le')).toBe('Name;Mark\nZoë “Z” €;5\n');
    // “ ” and € have bytes of their own in Windows-1252.
    const western = Buffer.from([
      ...Buffer.from('Name;Mark\nZo'),
      0xeb,
      0x93,
      0x94,
      0x80,
      ...Buffer.from(';\n'),
    ]);
    const filled = Buffer.from(sheetOf(western).fill([{ row: 1, column: 1, value: 5 }]));
    expect(filled).toEqual(Buffer.from([...western.subarray(0, -1), ...Buffer.from('5\n')]));
    const marked = Buffer.concat([Buffer.from([0xef, 0xbb, 0xbf]), bytesOf('a,b\nx,')]);
    expect(Buffer.from(sheetOf(marked).fill([])).equals(marked)).toBe(true);
  });

  test.each<[string, number[], string]>([
    ['a workbook with a password, or an old one', [0xd0, 0xcf, 0x11, 0xe0], 'locked'],
    ['a zip that is none', [0x50, 0x4b, 3, 4, 0, 0], 'notZip'],
    ['a picture', [0x89, 0x50, 0x4e, 0x47, 0, 0, 0, 13], 'notTable'],
    ['nothing', [], 'notTable'],
  ])('%s is told', (_name, bytes, trouble) => {
    expect(readGradeSheet(new Uint8Array(bytes))).toEqual({ trouble });
  });
});
