import { isMadeName, makeName } from '../../text/nameMaker.ts';
import { foldText } from '../../text/fold.ts';
import { seeded } from '../../random/seeded.ts';
import { weaveAt } from '../../show/weave.ts';
import type { Draft } from '../events.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { teamOf, type Seat, type SittingState } from '../state.ts';
import { isAsking } from '../read/asking.ts';
import { askFirst } from './alone.ts';
import type { Context } from './context.ts';

/** Seats in one sitting; beyond it the doors are full. */
export const MAX_SEATS = 3000;

function nameTaken(state: SittingState, name: string, but?: string): boolean {
  const folded = foldText(name);
  for (const seat of state.seats.values())
    if (!seat.removed && seat.id !== but && seat.folded === folded) return true;
  return false;
}

const taken = (name: string) => refuse('nameTaken', 'nameTaken', { name });

const seatHere = (state: SittingState, id: string): Seat | Refusal => {
  const seat = state.seats.get(id);
  return seat && !seat.removed ? seat : refuse('notThere', 'playerGone');
};

/** The team that has fewest players; of several one is drawn, by the seed where there is one. */
function drawTeam(state: SittingState, { random }: Context): string {
  const { seed } = state.show.doors;
  const of = (team: string) => state.taken.of.get(team) ?? 0;
  const fewest = Math.min(...state.teams.map((team) => of(team.id)));
  const even = state.teams.filter((team) => of(team.id) === fewest);
  const number = seed ? seeded(`${seed} ${state.seats.size}`)() : random();
  return even[Math.floor(number * even.length)]!.id;
}

/** The team that lists somebody as a member, by the folded name. */
const teamOfMember = (state: SittingState, folded: string): string | undefined =>
  state.show.teams.find((team) => team.members?.some((member) => foldText(member) === folded))?.id;

/** A made-up name that nobody here has. */
function freeName(state: SittingState, { random }: Context): string {
  const name = makeName(random);
  for (let n = 1; ; n++) {
    const one = n === 1 ? name : `${name} ${n}`;
    if (!nameTaken(state, one)) return one;
  }
}

export function takeSeat(
  state: SittingState,
  command: { seat: string; token: string; name: string; team: string },
  context: Context,
): Draft[] | Refusal {
  const { seat, token } = command;
  const { devices, doors } = state.show;
  if (state.phase === 'closed') return refuse('notNow', 'showOver');
  if (state.locked) return refuse('notNow', 'doorsLocked');
  if (state.phase === 'round' && !doors.late) return refuse('notNow', 'doorsClosed');
  const folded = foldText(command.name);
  if ([...state.seats.values()].some((one) => one.banned && (one.folded === folded || one.token === token)))
    return refuse('notYours', 'banned');
  if ([...state.seats.values()].some((one) => one.token === token && !one.removed))
    return refuse('already', 'deviceSeated');
  const listed = teamOfMember(state, folded);
  if (doors.roster.length > 0 && !listed && !doors.roster.some((one) => foldText(one) === folded))
    return refuse('notThere', 'nameNotListed');
  if (doors.madeNames && !isMadeName(command.name)) return refuse('notThere', 'madeNamesOnly');
  const alone = devices.score === 'players';
  const team = alone ? seat : (listed ?? (doors.teams === 'choose' ? command.team : ''));
  if (!alone && !listed && doors.teams === 'choose' && !teamOf(state, team))
    return refuse('notThere', 'noTeam');
  // Names that the host has written down are the host's own.
  const known = listed !== undefined || doors.roster.length > 0;
  const held = !known && context.unwanted?.(command.name) === true;
  const name = held ? freeName(state, context) : command.name;
  const asked = held ? { asked: command.name } : {};
  if (nameTaken(state, name)) return taken(name);
  if (state.taken.all >= MAX_SEATS) return refuse('notNow', 'full', { n: MAX_SEATS });
  // Everybody plays for themselves: the seat is a team of one, with a weave of its own.
  if (alone)
    return [
      { type: 'seatTaken', seat, token, name, team, weave: weaveAt(state.seats.size), ...asked },
      ...askedAtOnce(state, seat, team, context),
    ];
  const into = doors.teams === 'drawn' && !listed ? drawTeam(state, context) : team;
  return [
    { type: 'seatTaken', seat, token, name, team: into, ...asked },
    ...askedAtOnce(state, seat, into, context),
  ];
}

/** Whoever comes while everybody is asked alone has a first question at once. */
function askedAtOnce(state: SittingState, who: string, team: string, context: Context): Draft[] {
  const { mode } = state.show.devices;
  if (mode !== 'each' || team === '' || !isAsking(state) || state.asked.has(who)) return [];
  return askFirst(state, { who, team }, new Set(), context);
}

export function renameSeat(state: SittingState, id: string, name: string): Draft[] | Refusal {
  const seat = seatHere(state, id);
  if ('refused' in seat) return seat;
  if (seat.name === name) return refuse('already', 'sameName');
  if (nameTaken(state, name, id)) return taken(name);
  return [{ type: 'seatRenamed', seat: id, name }];
}

export function moveSeat(state: SittingState, id: string, team: string, context: Context): Draft[] | Refusal {
  const seat = seatHere(state, id);
  if ('refused' in seat) return seat;
  if (state.show.devices.score === 'players') return refuse('notNow', 'noTeamsHere');
  if (!teamOf(state, team)) return refuse('notThere', 'noTeam');
  if (seat.team === team) return refuse('already', 'inTeam');
  return [{ type: 'seatMoved', seat: id, team }, ...askedAtOnce(state, id, team, context)];
}

/** Gives a seat with all that it has to another device; the one before holds it no more. */
export function giveSeat(state: SittingState, id: string, token: string): Draft[] | Refusal {
  const seat = seatHere(state, id);
  if ('refused' in seat) return seat;
  if ([...state.seats.values()].some((one) => !one.removed && one.token === token))
    return refuse('already', 'deviceSeated');
  return [{ type: 'seatGiven', seat: id, token }];
}

export function removeSeat(state: SittingState, id: string, ban: boolean): Draft[] | Refusal {
  const seat = seatHere(state, id);
  if ('refused' in seat) return seat;
  return [{ type: 'seatRemoved', seat: seat.id, ...(ban ? { banned: true } : {}) }];
}
