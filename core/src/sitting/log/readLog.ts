import * as v from 'valibot';
import { settledForGood } from '../../document/handedOut.ts';
import { Line } from '../../formats/events.ts';
import { draftSchemas, type LoggedEvent } from '../events.ts';
import { LOG_VERSION, lifts, type Stored } from './lifts.ts';

/** Events as they lie in a store, with the version in which they were written. */
export interface StoredEvents {
  version: number;
  events: readonly unknown[];
}

/** An event of a log cannot be read: which, and what is wrong with it. */
export class UnreadableEvent extends Error {
  constructor(at: string, why: string) {
    super(`Event ${at} cannot be read: ${why}`);
    this.name = 'UnreadableEvent';
  }
}

/**
 * Reads a whole log, oldest first: everything is lifted step by step to today's version and checked, since all else
 * is worked out from it.
 * @throws UnreadableEvent where an event is none, or was written by a version of Distaff that came later.
 */
export function readLog(stored: readonly StoredEvents[]): LoggedEvent[] {
  let show: Stored = {};
  const log: LoggedEvent[] = [];
  for (const { version, events } of stored)
    for (const one of events) {
      const event = readEvent(version, one, show);
      if (event.type === 'doorsOpened') show = settledForGood(event.show);
      log.push(event);
    }
  return log;
}

function readEvent(version: number, one: unknown, show: Stored): LoggedEvent {
  if (typeof one !== 'object' || one === null) throw new UnreadableEvent('?', 'it is no object');
  let event = one as Stored;
  const at = `${String(event.seq)} (${String(event.type)})`;
  if (version > LOG_VERSION)
    throw new UnreadableEvent(at, `it was written in version ${version}, and this is version ${LOG_VERSION}`);
  for (const lift of lifts.slice(version - 1)) event = lift(event, show);
  const schema = draftSchemas.get(event.type);
  if (!schema) throw new UnreadableEvent(at, 'nothing of this type is known');
  const draft = v.safeParse(schema, event, { abortEarly: true });
  if (!draft.success) throw new UnreadableEvent(at, whyOf(draft.issues[0]));
  const line = v.safeParse(Line, event, { abortEarly: true });
  if (!line.success) throw new UnreadableEvent(at, whyOf(line.issues[0]));
  return Object.assign(draft.output, line.output);
}

const whyOf = (issue: v.BaseIssue<unknown>): string => `${v.getDotPath(issue) ?? 'it'}: ${issue.message}`;
