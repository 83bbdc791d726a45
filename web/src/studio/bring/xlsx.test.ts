import { expect, test } from '@jest/globals';
import ExcelJS from 'exceljs';
import { readWorkbook, writeWorkbook } from './xlsx.ts';

/** Sheets as people keep them: notes that are hidden, figures that are formatted, cells that are merged. */
async function kept(): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook();
  const notes = book.addWorksheet('Notes', { state: 'hidden' });
  notes.addRow(['not for pupils']);
  book.addWorksheet('Empty');
  const sheet = book.addWorksheet('Tides');
  sheet.addRow(['Question', 'Key']);
  sheet.addRow(['How much?', 0.07]).getCell(2).numFmt = '0%';
  sheet.addRow(['How much exactly?', 0.125]).getCell(2).numFmt = '0.0%';
  sheet.addRow(['When?', new Date(Date.UTC(1899, 11, 30, 14, 5))]).getCell(2).numFmt = 'hh:mm';
  sheet.addRow(['Which day?', new Date(Date.UTC(2026, 10, 27))]);
  sheet.addRow(['What?', { error: '#N/A' }]);
  sheet.addRow(['Sum?', { formula: '1+1', result: 2 }]);
  sheet.addRow(['Broken sum?', { formula: '1/0', result: { error: '#DIV/0!' } }]);
  sheet.addRow(['Said', '']);
  sheet.mergeCells('A9:B9');
  sheet.addRow(['Price?', 12.5]).getCell(2).numFmt = '#,##0.00 "€"';
  sheet.addRow([{ richText: [{ text: 'bold ' }, { text: 'and not' }] }, true]);
  return new Uint8Array(await book.xlsx.writeBuffer());
}

test('of a workbook the sheets that are seen come first, with what their cells show', async () => {
  const sheets = (await readWorkbook(await kept()))!;
  expect(sheets.map(({ name, hidden }) => [name, hidden])).toEqual([
    ['Tides', false],
    ['Notes', true],
  ]);
  expect(sheets[0]!.rows.slice(1)).toEqual([
    ['How much?', '7 %'],
    ['How much exactly?', '12.5 %'],
    ['When?', '14:05'],
    ['Which day?', '2026-11-27'],
    ['What?', ''],
    ['Sum?', '2'],
    ['Broken sum?', ''],
    ['Said', ''],
    ['Price?', '12.5'],
    ['bold and not', 'true'],
  ]);
});

test('what is written as a workbook is read the same, formulas of others as text', async () => {
  const rows = [['=1+1', 'ä “q” 中', ''].slice(0, 2), ['+49', '007']];
  const bytes = await writeWorkbook('A/B: [x]', ['Question', 'Key'], rows);
  expect((await readWorkbook(bytes))![0]!.rows).toEqual([['Question', 'Key'], ...rows]);
});

test('what is no workbook is none', async () => {
  expect(await readWorkbook(new Uint8Array([0x50, 0x4b, 3, 4]))).toBeNull();
});
