/** Everything that reads and writes files of questions; apart, so that the handset does not carry it. */
export { decode, type Decoded, type Encoding } from './decode.ts';
export type { ImportProblem, ProblemCode } from './problem.ts';
export { fields, fieldOf, guessColumns, repeated, type Columns, type Field } from './sheet/columns.ts';
export { isQuestionText, readQuestionText } from './plainText.ts';
export { MAX_ROWS, readTable, tableOf, type Table, type TableTrouble } from './sheet/table.ts';
export { readSheet, type ImportRow } from './sheet/readSheet.ts';
export { readRow } from './sheet/readRow.ts';
export { sheetHeader, writeRow } from './sheet/writeRow.ts';
export { quizFromCards, REVIEW_TAG, type Flashcard } from './flashcards.ts';
export { readSetFile, SetFile, writeSetFile } from './setFile.ts';
export { setFileSchema, showFileSchema } from './jsonSchema.ts';
export {
  ownShow,
  readShowFile,
  readShowPackage,
  ShowFile,
  writeShowFile,
  writeShowPackage,
  type ReadShow,
} from './showFile.ts';
export { readArchive, writeArchive, type ArchiveTrouble } from './archive.ts';
export {
  neededFiles,
  readQtiPackage,
  writeQtiPackage,
  type MediaFile,
  type PackageTrouble,
  type ReadPackage,
} from './qti/package.ts';
export type { QtiVersion } from './qti/names.ts';
export { readItem } from './qti/readItem.ts';
export { unsaidByQti, writeItem } from './qti/writeItem.ts';
export { readSetPackage, writeSetPackage } from './setPackage.ts';
export { mendRow } from './mend.ts';
export { readGradeSheet } from './gradeSheet/gradeSheet.ts';
export type { Entry, GradeSheet, GradeSheetTrouble } from './gradeSheet/sheet.ts';
export { Statement, XAPI_VERSION } from './xapi/statement.ts';
export { statementsOf } from './xapi/statements.ts';
export { readSchool, type School, type SchoolTrouble } from './oneRoster/readSchool.ts';
export { writeGradebook, type Gradebook } from './oneRoster/writeGradebook.ts';
export { csvParts, gradesCsv, leagueCsv, responsesSheet, standingsSheet, toCsv } from './csv.ts';
export { readTeams, teamSheetHeader, writeTeams, type TeamProblem, type TeamRow } from './teamSheet.ts';
