/** Clocks and stretches of time. */
export { type Clock, isRunning, remaining } from './clock.ts';
export { type TimeSample, clockOffset } from './clockOffset.ts';
export type { Span } from './span.ts';
