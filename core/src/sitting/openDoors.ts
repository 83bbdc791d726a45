import type { Show } from '../show/show.ts';
import type { Actor, LoggedEvent } from './events.ts';

/** The first event of every sitting: the doors of a frozen copy of `show` open. */
export function openDoors(show: Show, code: string, command: string, at: number, actor: Actor): LoggedEvent {
  return {
    type: 'doorsOpened',
    show: JSON.parse(JSON.stringify(show)) as Show,
    code,
    seq: 1,
    at,
    actor,
    command,
  };
}
