/** What could be better about questions, and how it is mended. */
export { type NearDuplicate, nearDuplicates } from './duplicates.ts';
export { mend } from './mend.ts';
export type { MendName, Remark } from './remark.ts';
export { lastingRemarks, remarksBeside, reviewQuestion } from './reviewQuestion.ts';
export { reviewSet, spreadKeys } from './reviewSet.ts';
