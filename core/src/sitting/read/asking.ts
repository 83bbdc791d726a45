import { formatOf } from '../../formats/index.ts';
import { isRunning } from '../../time/clock.ts';
import type { SittingState } from '../state.ts';
import { aloneIn } from './alone.ts';
import { playing } from './roundCount.ts';
import { turnsLeft } from './turnsLeft.ts';

/** One who is asked alone: a seat for itself, or a team that answers as one. */
export interface Asked {
  who: string;
  team: string;
}

/** Whether everybody has a question of their own now, or between two of them. */
export const isAsking = (state: SittingState): boolean =>
  state.phase === 'round' &&
  aloneIn(state) !== null &&
  state.round!.startedAt !== null &&
  state.round!.ended === null;

/** Everybody who is asked alone: each seat with a handset of its own, else each team. */
export function whoIsAsked(state: SittingState): Asked[] {
  if (state.show.devices.mode !== 'each' || aloneIn(state) === 'teams')
    return playing(state).map(({ id }) => ({ who: id, team: id }));
  return [...state.seats.values()]
    .filter((seat) => !seat.removed && seat.team !== '')
    .map(({ id, team }) => ({ who: id, team }));
}

/** Whether time is running for anybody: the common question, the round, or a question of one alone. */
export const isTimed = ({ question, round, asked }: SittingState): boolean =>
  isRunning(question?.clock ?? null) ||
  isRunning(round?.clock ?? null) ||
  (question?.advice.some(({ clock }) => isRunning(clock)) ?? false) ||
  [...asked.values()].some(({ clock }) => isRunning(clock));

/** Whether nothing more is asked in the round that is on: no team gets a turn more than another. */
export function isRoundOver(state: SittingState): boolean {
  const { round } = state;
  if (round === null || formatOf(round.format).isOver(round.state)) return true;
  const left = turnsLeft(state);
  return left === null ? round.ended !== null : [...left.values()].every((turns) => turns === 0);
}
