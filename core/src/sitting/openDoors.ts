import { settledForGood } from '../document/handedOut.ts';
import { allAsPlayed } from '../question/asPlayed.ts';
import { NO_TEMPO, type Tempo } from '../show/length/tempo.ts';
import type { Show } from '../show/show.ts';
import type { Actor, Earlier, LoggedEvent } from './events.ts';

/** The first event of every sitting: the doors of a frozen copy of `show` open; what is switched off, or was left empty, stays behind. */
export function openDoors(
  show: Show,
  code: string,
  command: string,
  at: number,
  actor: Actor,
  pace: Tempo = NO_TEMPO,
  earlier: readonly Earlier[] = [],
): LoggedEvent {
  const copy = JSON.parse(JSON.stringify(show)) as Show;
  return {
    type: 'doorsOpened',
    show: settledForGood({
      ...copy,
      rounds: copy.rounds.filter((round) => !round.off),
      questions: allAsPlayed(copy.questions),
    }),
    code,
    pace,
    ...(earlier.length > 0 ? { earlier: [...earlier] } : {}),
    seq: 1,
    at,
    actor,
    command,
  };
}
