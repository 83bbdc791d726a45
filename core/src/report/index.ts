/** What came of a sitting. */
export { isClear, type Interval } from './figures/interval.ts';
export { flags, type Flag, type ItemFigures, type OptionPicks, type Said, wasMissed } from './item.ts';
export { type Certificate, certificatesFor, filledIn, type ForWhom } from './certificates.ts';
export * from './marks/index.ts';
export { playedQuestions } from './played.ts';
export { type Change, type Moves, movesBetween } from './moves.ts';
export { eveningOf, type OwnEvening } from './mine.ts';
export { type OwnAnswer, type PersonReport, personOf } from './person.ts';
export { type CellSign, type Report, reportOf, turnout } from './report.ts';
export { type ScoreHistory, type ScoreLine, scoreHistory } from './scores.ts';
export { type Results, resultsOf } from './results.ts';
