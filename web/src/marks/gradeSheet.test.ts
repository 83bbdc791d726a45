import { expect, test } from '@jest/globals';
import { readArchive, readGradeSheet, type Entry, type GradeSheet } from '@distaff/core/interchange';
import ExcelJS from 'exceljs';

/** Everything that a grade book may hold beside names. */
async function book(): Promise<Uint8Array> {
  const made = new ExcelJS.Workbook();
  made.addWorksheet('Notes').addRow(['nothing here']);
  const sheet = made.addWorksheet('7B');
  sheet.addRow(['Name', 'Test 1', 'Test 2', 'Mean']);
  sheet.addRow(['Kestle, Ansa', 3.5, null, { formula: 'AVERAGE(B2:C2)', result: 3.5 }]);
  sheet.addRow(['Penrose & Söhne <x>, Jory', 2, 1, { formula: 'AVERAGE(B3:C3)', result: 1.5 }]);
  sheet.getRow(5).getCell(1).value = {
    richText: [{ text: 'Trewin, ' }, { font: { bold: true }, text: 'Zoë' }],
  };
  sheet.getCell('C2').numFmt = '0.00';
  sheet.getCell('C2').fill = { type: 'pattern', pattern: 'solid', fgColor: { argb: 'FFEEDDCC' } };
  sheet.views = [{ state: 'frozen', ySplit: 1 }];
  return new Uint8Array(await made.xlsx.writeBuffer());
}
const sheets = (bytes: Uint8Array): GradeSheet[] => {
  const read = readGradeSheet(bytes);
  if ('trouble' in read) throw new Error(read.trouble);
  return read.sheets;
};
async function readBack(bytes: Uint8Array): Promise<ExcelJS.Worksheet> {
  const back = new ExcelJS.Workbook();
  await back.xlsx.load(bytes as never);
  return back.getWorksheet('7B')!;
}

test('a workbook is read cell by cell, and given back with single cells filled and nothing else touched', async () => {
  const bytes = await book();
  const [notes, sheet] = sheets(bytes);
  expect([notes!.name, sheet!.name]).toEqual(['Notes', '7B']);
  expect(sheet!.rows.map((row) => row.slice(0, 3))).toEqual([
    ['Name', 'Test 1', 'Test 2'],
    ['Kestle, Ansa', '3.5', ''],
    ['Penrose & Söhne <x>, Jory', '2', '1'],
    [],
    ['Trewin, Zoë'],
  ]);
  expect([...sheet!.formulas]).toEqual(['1 3', '2 3']);

  const entries: Entry[] = [
    { row: 0, column: 4, value: 'Quiz <1> & "2"' },
    { row: 1, column: 2, value: 82 },
    { row: 2, column: 4, value: 'B+' },
    { row: 4, column: 1, value: 1.5 },
    { row: 4, column: 28, value: 7 },
  ];
  const filled = sheet!.fill(entries);
  const back = await readBack(filled);
  expect(['E1', 'C2', 'E3', 'B5', 'AC5', 'B2', 'C3'].map((at) => back.getCell(at).value)).toEqual([
    'Quiz <1> & "2"',
    82,
    'B+',
    1.5,
    7,
    3.5,
    1,
  ]);
  // How a cell looks is how its owner made it; formulas stay.
  expect(back.getCell('C2').numFmt).toBe('0.00');
  expect(back.getCell('D2').formula).toBe('AVERAGE(B2:C2)');
  expect(back.views[0]).toMatchObject({ state: 'frozen', ySplit: 1 });
  const [before, after] = [readArchive(bytes), readArchive(filled)] as Map<string, Uint8Array>[];
  expect([...after!.keys()].sort()).toEqual([...before!.keys()].sort());
  const changed = [...before!].filter(
    ([path, file]) => !Buffer.from(file).equals(Buffer.from(after!.get(path)!)),
  );
  expect(changed.map(([path]) => path)).toEqual(['xl/worksheets/sheet2.xml']);
  // And read again it says what was written.
  const again = sheets(filled)[1]!;
  for (const { row, column, value } of entries) expect(again.rows[row]![column]).toBe(String(value));
});
