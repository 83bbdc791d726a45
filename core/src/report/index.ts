/** What came of a sitting. */
export type { Interval } from './figures/interval.ts';
export { flags, type Flag, type ItemFigures, type OptionPicks, type Said } from './item.ts';
export * from './marks/index.ts';
export { playedQuestions } from './played.ts';
export { type Change, type Moves, movesBetween } from './moves.ts';
export { type OwnAnswer, type PersonReport, personOf } from './person.ts';
export { type CellSign, correctionsIn, type Report, reportOf } from './report.ts';
export { type ScoreHistory, type ScoreLine, scoreHistory } from './scores.ts';
export { type Results, resultsOf } from './results.ts';
