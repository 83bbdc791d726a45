import type { Random } from '../random/shuffle.ts';
import type { Show } from '../show/show.ts';
import { decide } from '../sitting/decide/index.ts';
import { due } from '../sitting/decide/clock.ts';
import type { Command } from '../sitting/command.ts';
import type { Actor } from '../sitting/events.ts';
import { openDoors } from '../sitting/openDoors.ts';
import { isRefusal } from '../refusal.ts';
import { append, newSitting } from '../sitting/sitting.ts';
import type { Sitting } from '../sitting/state.ts';
import { isMeant, movesAfter, rehearse, situationOf } from './rehearsal.ts';
import type { Room } from './room.ts';
import { Schedule } from './schedule.ts';
import { isGone } from './standInMoves.ts';

/** Stand-ins are nobody: what stands for one where no names are kept need hide nothing. */
export const receiptOf =
  ({ id }: Actor) =>
  (play: number): string =>
    `receipt-${id}-${play}`.slice(0, 40);

/** The sitting began long enough ago for any clock (ms). */
const START = 1_000_000;
/** A show that has not ended after so many moves never will. */
const MOST_MOVES = 200_000;

/**
 * Plays a whole show with stand-ins, from the doors to the close, in its own time: no waiting.
 * @throws Error where it does not come to an end.
 */
export function playThrough(show: Show, room: Room, random: Random): Sitting {
  const rehearsal = rehearse(show, room, random);
  rehearsal.byItself = true;
  const sitting = newSitting();
  const host: Actor = { role: 'host', id: 'stand-in' };
  append(sitting, [openDoors(show, 'RRRRR', 'doors', START, host)]);
  const schedule = new Schedule();
  let now = START;
  let count = 0;
  const plan = () => {
    for (const move of movesAfter(rehearsal, sitting.state, now)) schedule.add(move);
  };
  const standIns = new Map(rehearsal.standIns.map((one) => [one.seat, one]));
  const present = (seat: string) => {
    const one = standIns.get(seat);
    return one !== undefined && !isGone(one, sitting.state);
  };
  const ask = (command: Command, actor: Actor, roundTrip = 0): void => {
    const context = {
      now,
      random: rehearsal.random,
      actor,
      roundTrip,
      window: roundTrip,
      present,
      receipt: receiptOf(actor),
    };
    const result = decide(sitting, `r${count++}`, command, context);
    if (isRefusal(result)) return;
    append(sitting, result);
    plan();
  };
  plan();
  while (sitting.state.phase !== 'closed') {
    if (count > MOST_MOVES) throw new Error('The rehearsal does not come to an end.');
    const moment = due(sitting.state);
    const move = schedule.next;
    if (!move && moment === null)
      throw new Error(`Nobody knows what to do next: ${situationOf(sitting.state)}.`);
    if (moment !== null && (!move || moment <= move.at)) {
      now = Math.max(now, moment);
      ask({ type: 'timeUp' }, { role: 'clock', id: '' });
      continue;
    }
    schedule.take();
    now = Math.max(now, move!.at);
    if (isMeant(move!, sitting.state)) ask(move!.command, move!.actor, move!.roundTrip);
  }
  return sitting;
}
