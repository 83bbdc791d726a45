import { kindInPlay } from '../sitting/read/inPlay.ts';
import { hadFloor } from '../sitting/read/worth.ts';
import { isAnonymous, pollingOf } from '../sitting/read/polling.ts';
import { playing } from '../sitting/read/roundCount.ts';
import { memberwise, type QuestionInPlay, type SittingState } from '../sitting/state.ts';

/**
 * Questions that are over, with the one that is settled and still on the stage, in the order in which they came up;
 * what each was asked alone goes by the number under which that question came up first.
 */
export function overIn(state: SittingState): { play: QuestionInPlay; number: number }[] {
  const common = new Set(state.played);
  const numbers = new Map<string, number>();
  const numberOf = (play: QuestionInPlay): number => {
    const key = play.to === null ? `${play.play}` : `${play.begun} ${play.ref}`;
    if (!numbers.has(key)) numbers.set(key, numbers.size + 1);
    return numbers.get(key)!;
  };
  return [...state.plays.values()]
    .filter((play) => common.has(play) || play.settledAt !== null)
    .map((play) => ({ play, number: numberOf(play) }));
}

/** The seat that a team is, where everybody plays for themselves. */
export const aloneIn = ({ show, seats }: SittingState, team: string): string | null =>
  show.devices.score === 'players'
    ? ((seats.has(team) ? team : [...seats.values()].find((seat) => seat.team === team)?.id) ?? null)
    : null;

/** In whose row an answer stands: that of a person where each has a phone, and in nobody's where a team said it together; else a team's. */
export const whose = (state: SittingState, { seat, team }: { seat: string | null; team: string }) =>
  state.show.devices.mode === 'each' ? (seat ?? aloneIn(state, team)) : team;

/** Whether nobody's answer has a name: none is kept, or the room said it together. */
export const isNameless = (state: SittingState, play: QuestionInPlay): boolean =>
  isAnonymous(state, play) || (state.show.devices.mode === 'none' && pollingOf(state, play) !== null);

/** Whoever came after the answers were locked was not asked. */
const wasThere = ({ seats }: SittingState, { lockedAt }: QuestionInPlay, seat: string | null): boolean =>
  seat === null || lockedAt === null || seats.get(seat)!.cameAt <= lockedAt;

/** Whoever could have answered and did not: people where each answers, else teams. */
export function silentIn(state: SittingState, play: QuestionInPlay): { team: string; seat: string | null }[] {
  if (kindInPlay(state, play).given === 'nowhere' || isNameless(state, play)) return [];
  if (play.to !== null)
    return play.responses.length > 0
      ? []
      : [{ team: play.floor!, seat: state.seats.has(play.to) ? play.to : null }];
  if (play.mode !== 'everyone')
    return hadFloor(play)
      .filter((team) => !play.responses.some((one) => one.team === team))
      .map((team) => ({ team, seat: null }));
  if (play.openedAt === null) return [];
  const whole = new Set(play.responses.filter((one) => one.seat === null).map((one) => one.team));
  if (memberwise(state, play))
    return [...state.seats.values()]
      .filter(
        ({ id, team, removed }) =>
          !play.byWho.has(id) && !removed && !whole.has(team) && wasThere(state, play, id),
      )
      .map(({ id, team }) => ({ team, seat: id }));
  return playing(state)
    .filter(({ id }) => !play.byWho.has(id))
    .map(({ id }) => ({ team: id, seat: aloneIn(state, id) }))
    .filter(({ seat }) => wasThere(state, play, seat));
}
