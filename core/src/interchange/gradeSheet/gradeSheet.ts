import { csvSheet } from './csv.ts';
import type { GradeSheet, GradeSheetTrouble } from './sheet.ts';
import { xlsxSheets } from './xlsx.ts';

/** Reads a host's own sheet: a workbook (Office Open XML, ECMA-376) or separated values (RFC 4180 and its cousins). */
export function readGradeSheet(bytes: Uint8Array): { sheets: GradeSheet[] } | { trouble: GradeSheetTrouble } {
  const [a, b] = bytes;
  // A workbook with a password, and those of before 2007, are compound files.
  if (a === 0xd0 && b === 0xcf) return { trouble: 'locked' };
  if (a === 0x50 && b === 0x4b) return xlsxSheets(bytes);
  const sheet = csvSheet(bytes);
  return sheet ? { sheets: [sheet] } : { trouble: 'notTable' };
}
