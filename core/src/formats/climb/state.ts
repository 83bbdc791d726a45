import type { Random } from '../../random/shuffle.ts';
import type { RoundDraft } from '../events.ts';
import { isOver, missed, worthOf, type Attempt } from './attempt.ts';
import type { Assist } from './content.ts';

export interface ClimbState {
  rungs: number[];
  rests: number[];
  assists: Record<Assist, number>;
  adviceClock: number;
  climbs: number;
  attempts: number;
  /** The questions that may stand on each rung, and those that were played. */
  groups: string[][];
  used: Set<string>;
  /** Every climb so far; the last one may still go on. */
  done: Attempt[];
  /** A question to everybody decides who climbs next. */
  fastest: boolean;
  /** Whoever climbs wants to go on to the next rung. */
  ready: boolean;
  over: boolean;
}

/** The climb that goes on, or null. */
export const onSlope = ({ done, rungs }: ClimbState): Attempt | null => {
  const last = done.at(-1);
  return last && !isOver(last, rungs) ? last : null;
};
export const climbsOf = ({ done }: ClimbState, team: string) =>
  done.filter((one) => one.team === team).length;
export const mayClimb = (state: ClimbState, teams: readonly string[]) =>
  teams.filter((team) => climbsOf(state, team) < state.attempts);
export const isFull = (state: ClimbState) => state.done.length >= state.climbs;

/** A question for a rung: one that was not played; where there is none left, one of those comes again. */
export function questionFor({ groups, used }: ClimbState, rung: number, random: Random): string | undefined {
  const group = groups[rung] ?? [];
  const fresh = group.filter((id) => !used.has(id));
  const from = fresh.length > 0 ? fresh : group;
  return from[Math.floor(random() * from.length)];
}

/** Somebody sets out. */
export const setOut = (state: ClimbState, team: string): void =>
  void state.done.push({ team, rungs: [], stopped: false, used: [] });

/** A climb after a ruling in it has changed. It goes on only where nobody has set out since; else it counts as stopped there. */
export function withRuling(state: ClimbState, attempt: Attempt, play: number, right: boolean): Attempt {
  const rungs = attempt.rungs.map((rung) => (rung.play === play ? { play, right } : rung));
  const goesOn = attempt === state.done.at(-1) && !state.over;
  return { ...attempt, rungs, stopped: attempt.stopped || (missed(attempt) && !goesOn) };
}

/** What the ledger gets when a climb becomes another than it was. */
export function payment({ rungs, rests }: ClimbState, before: Attempt, now: Attempt): RoundDraft[] {
  const amount = worthOf(now, rungs, rests) - worthOf(before, rungs, rests);
  if (amount === 0) return [];
  return [{ type: 'scored', team: now.team, amount, cause: { by: 'format', what: `climb.${endOf(now)}` } }];
}
export const endOf = (attempt: Attempt) => (missed(attempt) ? 'rest' : attempt.stopped ? 'stopped' : 'top');
