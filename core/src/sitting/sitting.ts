import { commandKey, isStep, survivesUndo, type LoggedEvent } from './events.ts';
import { emptyState } from './emptyState.ts';
import { evolve } from './evolve.ts';
import type { Sitting, SittingState } from './state.ts';

/** A sitting in which nothing happened yet. */
export const newSitting = (): Sitting => ({ log: [], state: emptyState() });

/** The events that still count: without those of the play that were taken back and not had again. */
export function effective(log: readonly LoggedEvent[]): LoggedEvent[] {
  let counted: LoggedEvent[] = [];
  const aside = new Map<number, LoggedEvent[]>();
  for (const event of log) {
    if (event.type === 'undone') {
      const gone = (one: LoggedEvent) => one.seq >= event.from && !survivesUndo.has(one.type);
      aside.set(event.seq, counted.filter(gone));
      counted = counted.filter((one) => !gone(one));
    } else if (event.type === 'redone')
      counted = [...counted, ...(aside.get(event.of) ?? [])].sort((a, b) => a.seq - b.seq);
    counted.push(event);
  }
  return counted;
}

/** What was taken back last and can be had again: until something new happens in the play. */
export function forwardOf(log: readonly LoggedEvent[]): SittingState['forward'] {
  const forward: SittingState['forward'] = [];
  for (const event of log) {
    if (event.type === 'undone') {
      const first = log.find((one) => one.seq === event.from);
      forward.push({ undone: event.seq, type: first?.type ?? 'closed' });
    } else if (event.type === 'redone') forward.pop();
    else if (isStep.has(event.type) || event.type === 'answered' || event.type === 'buzzed')
      forward.length = 0;
  }
  return forward;
}

/** Folds a whole log into a state. Commands taken back stay known, so that a repeat changes nothing. */
export function fold(log: readonly LoggedEvent[]): SittingState {
  const state = emptyState();
  for (const event of effective(log)) evolve(state, event);
  if (log.some((event) => event.type === 'undone')) {
    for (const event of log) state.commands.add(commandKey(event.actor, event.command));
    state.forward = forwardOf(log);
  }
  return state;
}

/** Takes further events into a sitting, in place. */
export function append(sitting: Sitting, events: readonly LoggedEvent[]): void {
  for (const event of events) {
    sitting.log.push(event);
    if (event.type === 'undone' || event.type === 'redone') sitting.state = fold(sitting.log);
    else evolve(sitting.state, event);
  }
}

/** A sitting from its log, as it was read from the store. */
export const replay = (log: LoggedEvent[]): Sitting => ({ log, state: fold(log) });
