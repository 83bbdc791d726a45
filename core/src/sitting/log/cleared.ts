import type { LoggedEvent } from '../events.ts';
import { anonymised } from './anonymised.ts';

/** A log of a game that is over without anything that was done in it: its doors opened, and it was closed. */
export function cleared(log: readonly LoggedEvent[]): LoggedEvent[] {
  const closed = log.findLast(({ type }) => type === 'closed');
  return [...anonymised(log.slice(0, 1)), ...(closed ? [{ ...closed, seq: 2 }] : [])];
}
