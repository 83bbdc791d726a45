/** Marks for a grade book. */
export { absentMark, type Mark, markEach, marksOf, rawOf } from './marks.ts';
export { findNames, mayBeSame, nameKey } from './match.ts';
export { ABSENT, type Doubt, entriesFor, layOut, readOwnSheet, type ReadSheet } from './ownSheet.ts';
export { MarkRule, type Scale, usualMarks } from './rule.ts';
export { nameOfScale, scaleNames, scales, type ScaleName } from './scales.ts';
