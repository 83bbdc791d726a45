/** What came of a sitting. */
export { playedQuestions } from './played.ts';
export { type Results, resultsOf } from './results.ts';
