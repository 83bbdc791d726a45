import { concernsOne } from '../formats/events.ts';
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
    if (event.type === 'answerUndone') {
      const gone = fromAnswer(counted, event);
      counted = counted.filter((one) => !gone(one));
    } else if (event.type === 'undone') {
      const gone = fromStep(counted, event.from);
      aside.set(event.seq, counted.filter(gone));
      counted = counted.filter((one) => !gone(one));
    } else if (event.type === 'redone')
      counted = [...counted, ...(aside.get(event.of) ?? [])].sort((a, b) => a.seq - b.seq);
    counted.push(event);
  }
  return counted;
}

/**
 * What goes with a step that is taken back: all of the play from it on – but what was asked of each alone goes on
 * beside the host's steps, unless its round goes too, or the step was a ruling that ended the question of one.
 */
function fromStep(counted: readonly LoggedEvent[], from: number): (one: LoggedEvent) => boolean {
  const step = counted.find((one) => one.seq === from);
  const started = counted.find(
    ({ seq, type }) => seq >= from && (type === 'roundStarted' || type === 'roundBegan'),
  );
  const ruled = step?.type === 'ruled' ? step : null;
  const ofRuling = (one: LoggedEvent) =>
    ruled !== null && one.command === ruled.command && one.at === ruled.at;
  const ended = counted.find((one) => ofRuling(one) && one.type === 'settled' && concernsOne(one));
  const who = ended && whose(ended);
  return (one) => {
    if (one.seq < from || survivesUndo.has(one.type)) return false;
    if (!concernsOne(one) || (started && started.seq < one.seq)) return true;
    return ofRuling(one) || (who !== undefined && whose(one) === who);
  };
}

/** What goes with an answer of one that is taken back: all that they were asked since, and what came of it. */
function fromAnswer(
  counted: readonly LoggedEvent[],
  { to, play }: { to: string; play: number },
): (one: LoggedEvent) => boolean {
  const plays = new Set(
    counted.filter((one) => one.type === 'asked' && one.to === to && one.seq >= play).map(({ seq }) => seq),
  );
  return (one) => {
    if (one.seq <= play) return false;
    if (concernsOne(one)) return whose(one) === to;
    if (one.type === 'scored') return one.cause.by === 'ruling' && plays.has(one.cause.play ?? -1);
    return (one.type === 'ruled' || one.type === 'resettled') && plays.has(one.play ?? -1);
  };
}

/** Of whom alone an event speaks. */
const whose = (event: LoggedEvent): string | undefined =>
  event.type === 'marked'
    ? event.marks[0]?.[0]
    : 'who' in event
      ? event.who!
      : 'to' in event
        ? event.to
        : undefined;

/** What was taken back last and can be had again: until something new happens in the play. */
export function forwardOf(log: readonly LoggedEvent[]): SittingState['forward'] {
  const forward: SittingState['forward'] = [];
  for (const event of log) {
    if (event.type === 'undone') {
      const first = log.find((one) => one.seq === event.from);
      forward.push({ undone: event.seq, type: first?.type ?? 'closed' });
    } else if (event.type === 'redone') forward.pop();
    else if (isStep(event) || (event.type === 'answered' && !concernsOne(event)) || event.type === 'buzzed')
      forward.length = 0;
  }
  return forward;
}

/** Folds a whole log into a state. Commands taken back stay known, so that a repeat changes nothing. */
export function fold(log: readonly LoggedEvent[]): SittingState {
  const state = emptyState();
  for (const event of effective(log)) evolve(state, event);
  if (log.some(({ type }) => type === 'undone' || type === 'answerUndone')) {
    for (const event of log) state.commands.add(commandKey(event.actor, event.command));
    state.forward = forwardOf(log);
  }
  return state;
}

/** Takes further events into a sitting, in place. */
export function append(sitting: Sitting, events: readonly LoggedEvent[]): void {
  for (const event of events) {
    sitting.log.push(event);
    if (event.type === 'undone' || event.type === 'redone' || event.type === 'answerUndone')
      sitting.state = fold(sitting.log);
    else evolve(sitting.state, event);
  }
}

/** A sitting from its log, as it was read from the store. */
export const replay = (log: LoggedEvent[]): Sitting => ({ log, state: fold(log) });
