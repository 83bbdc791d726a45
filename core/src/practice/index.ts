/** A show taken by one person alone, in their own time. */
export { asPractice, onlyThese, type LeftOut } from './asPractice.ts';
export {
  beginRun,
  inRun,
  passTime,
  resumeRun,
  SEAT,
  waitsFor,
  type Moment,
  type RunCommand,
  type Waiting,
} from './run.ts';
export { countingAttempts, defaultPractice, namings, PracticeSettings } from './settings.ts';
export { counted, minutesOf, missedIn, sizeOf, summaryOf, type Length, type RunSummary } from './summary.ts';
export {
  endOf,
  GRACE,
  isClosed,
  isLate,
  keeps,
  missedMost,
  standingOf,
  type Attempt,
  type Ends,
  type Missed,
  type Standing,
} from './standing.ts';
export { runView, type Answered, type RunView } from './view.ts';
