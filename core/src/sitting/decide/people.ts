import { foldText } from '../../text/fold.ts';
import { weaveAt } from '../../show/weave.ts';
import type { Draft } from '../events.ts';
import { refuse, type Refusal } from '../refusal.ts';
import { teamOf, type Seat, type SittingState } from '../state.ts';

/** Seats in one sitting; beyond it the doors are full. */
export const MAX_SEATS = 1000;

function nameTaken(state: SittingState, name: string, but?: string): boolean {
  const folded = foldText(name);
  for (const seat of state.seats.values())
    if (!seat.removed && seat.id !== but && seat.folded === folded) return true;
  return false;
}

const taken = (name: string) =>
  refuse('nameTaken', `Somebody here is called ${name} already. Add a letter or choose another name.`);

const seatHere = (state: SittingState, id: string): Seat | Refusal => {
  const seat = state.seats.get(id);
  return seat && !seat.removed ? seat : refuse('notThere', 'That player is no longer here.');
};

export function takeSeat(
  state: SittingState,
  command: { seat: string; token: string; name: string; team: string },
): Draft[] | Refusal {
  if (state.phase === 'closed') return refuse('notNow', 'This show is over.');
  const alone = state.show.devices.score === 'players';
  if (!alone && !teamOf(state, command.team)) return refuse('notThere', 'There is no such team.');
  if (nameTaken(state, command.name)) return taken(command.name);
  if (state.taken.all >= MAX_SEATS) return refuse('notNow', `All ${MAX_SEATS} seats are taken.`);
  const { seat, token, name, team } = command;
  if (!alone) return [{ type: 'seatTaken', seat, token, name, team }];
  // Everybody plays for themselves: the seat is a team of one, with a weave of its own.
  return [{ type: 'seatTaken', seat, token, name, team: seat, weave: weaveAt(state.seats.size) }];
}

export function renameSeat(state: SittingState, id: string, name: string): Draft[] | Refusal {
  const seat = seatHere(state, id);
  if ('refused' in seat) return seat;
  if (seat.name === name) return refuse('already', 'That is the name already.');
  if (nameTaken(state, name, id)) return taken(name);
  return [{ type: 'seatRenamed', seat: id, name }];
}

export function moveSeat(state: SittingState, id: string, team: string): Draft[] | Refusal {
  const seat = seatHere(state, id);
  if ('refused' in seat) return seat;
  if (state.show.devices.score === 'players')
    return refuse('notNow', 'Everybody plays for themselves here: there are no teams to move to.');
  if (!teamOf(state, team)) return refuse('notThere', 'There is no such team.');
  if (seat.team === team) return refuse('already', 'The player is in that team already.');
  return [{ type: 'seatMoved', seat: id, team }];
}

export function removeSeat(state: SittingState, id: string): Draft[] | Refusal {
  const seat = seatHere(state, id);
  return 'refused' in seat ? seat : [{ type: 'seatRemoved', seat: seat.id }];
}
