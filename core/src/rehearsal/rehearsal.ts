import type { Random } from '../random/shuffle.ts';
import type { Show } from '../show/show.ts';
import { seeded } from '../random/seeded.ts';
import { formatOf } from '../formats/index.ts';
import { aloneIn } from '../sitting/read/alone.ts';
import { nextStep } from '../sitting/read/nextStep.ts';
import type { QuestionInPlay, SittingState } from '../sitting/state.ts';
import { hostMoves } from './hostMoves.ts';
import type { Move, Rehearsal } from './move.ts';
import { fillRoom, type Room } from './room.ts';
import { movesAlone } from './movesAlone.ts';
import { standInMoves } from './standInMoves.ts';

/** Makes ready to try a show. `random` is used where the room has no seed. */
export function rehearse(show: Show, room: Room, random: Random): Rehearsal {
  const chance = room.seed ? seeded(room.seed) : random;
  return {
    standIns: fillRoom(room, show, chance),
    random: chance,
    byItself: false,
    seen: '',
    seenAlone: new Map(),
    came: new Set(),
  };
}

/** How many answers to a question did not stand: whoever gave one answers again. */
export const triesOf = ({ again }: Pick<QuestionInPlay, 'again'>): number =>
  [...again.values()].reduce((sum, { answers }) => sum + answers.length, 0);

/** A name for where the show stands: moves are planned once for each. */
export function situationOf(state: SittingState): string {
  const { phase, question, round, standings } = state;
  const waits = round ? formatOf(round.format).waitsFor(round.state) : null;
  const { code } = nextStep(state);
  return [
    phase,
    state.begun.length,
    question?.play ?? `after ${state.played.length}`,
    // Between questions something may be done several times, such as rolling again.
    question || aloneIn(state) !== null ? null : state.steps.length,
    question?.step,
    question?.floor,
    question?.tried.length,
    question?.mode,
    question?.openedAt,
    question?.removed.length,
    question && triesOf(question) + question.boosts.length,
    question?.advice.map((one) => one.over).join(),
    state.round?.startedAt,
    state.round?.ended,
    waits,
    [...state.wishes].join(),
    standings,
    code,
  ].join(' ');
}

/** What is done next, and when, after the state changed; empty where nothing new is to be planned. */
export function movesAfter(rehearsal: Rehearsal, state: SittingState, now: number): Move[] {
  const alone = movesAlone(rehearsal, state, now);
  const when = situationOf(state);
  if (when === rehearsal.seen) return alone;
  rehearsal.seen = when;
  const moves = standInMoves(rehearsal, state, now);
  if (rehearsal.byItself) moves.push(...hostMoves(rehearsal, state, now));
  return [
    ...alone,
    ...moves.map((move) => ({ ...move, when: move.command.type === 'takeSeat' ? null : when })),
  ];
}

/** Whether a move still makes sense. */
export function isMeant({ when }: Move, state: SittingState): boolean {
  if (when === null || typeof when === 'string') return when === null || when === situationOf(state);
  const question = state.asked.get(when.to);
  if ('after' in when) return (question?.play ?? 0) === when.after && !state.round!.held;
  return question?.play === when.play && question.step === when.step && !state.round!.held;
}
