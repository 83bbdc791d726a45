/** Marks for a grade book. */
export { absentMark, type Mark, marksOf } from './marks.ts';
export { findNames, type Match, matchPeople, namesIn } from './match.ts';
export { MarkRule, type Scale, usualMarks } from './rule.ts';
