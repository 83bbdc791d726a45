/** What a library keeps, and how it finds, picks and measures. */
export { BulkChange, changeQuestion } from './change.ts';
export { type Measured, TELLING, byDifficulty } from './difficulty.ts';
export { overwrites } from './overwrites.ts';
export { type GivenRole, type Right, type Role, givenRoles, hasRight, rolesWith } from './role.ts';
export { Roster } from './roster.ts';
export { searchText, wordsOf } from './searchText.ts';
export { MOST_SELECTED, type Selected, Selection, blankSelection, repeats, select } from './selection.ts';
export { QuestionSet, type QuestionSort, type QuestionState, questionSorts, questionStates } from './set.ts';
export { type PrintedQuestion, printed } from './sheet.ts';
export { WORTH_OFFERING, foundIn, trigrams } from './similar.ts';
export { nearestWord } from './spelling.ts';
