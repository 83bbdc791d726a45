import { survivesUndo, type LoggedEvent } from './events.ts';
import { emptyState, evolve } from './evolve.ts';
import type { Sitting, SittingState } from './state.ts';

/** A sitting in which nothing happened yet. */
export const newSitting = (): Sitting => ({ log: [], state: emptyState() });

/** The events that still count: without those of the play that an `undone` took back. */
export function effective(log: readonly LoggedEvent[]): LoggedEvent[] {
  const counted: LoggedEvent[] = [];
  for (const event of log) {
    if (event.type === 'undone') {
      const kept = counted.filter((earlier) => earlier.seq < event.from || survivesUndo.has(earlier.type));
      counted.splice(0, counted.length, ...kept);
    }
    counted.push(event);
  }
  return counted;
}

/** Folds a whole log into a state. Commands taken back stay known, so that a repeat changes nothing. */
export function fold(log: readonly LoggedEvent[]): SittingState {
  const state = emptyState();
  for (const event of effective(log)) evolve(state, event);
  for (const event of log) state.commands.add(event.command);
  return state;
}

/** Takes further events into a sitting, in place. */
export function append(sitting: Sitting, events: readonly LoggedEvent[]): void {
  for (const event of events) {
    sitting.log.push(event);
    if (event.type === 'undone') sitting.state = fold(sitting.log);
    else evolve(sitting.state, event);
  }
}

/** A sitting from its log, as it was read from the store. */
export const replay = (log: LoggedEvent[]): Sitting => ({ log, state: fold(log) });
