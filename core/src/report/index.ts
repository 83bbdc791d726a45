/** What came of a sitting. */
export type { Interval } from './figures/interval.ts';
export { flags, type Flag, type ItemFigures, type OptionPicks, type Said } from './item.ts';
export { playedQuestions } from './played.ts';
export { type CellSign, type Report, reportOf } from './report.ts';
export { type Results, resultsOf } from './results.ts';
