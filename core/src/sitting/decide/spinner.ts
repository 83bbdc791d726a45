import type { SpunWhat } from '../../formats/events.ts';
import { formatOf } from '../../formats/index.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import type { Draft } from '../events.ts';
import { isAsking } from '../read/asking.ts';
import { boostNow } from '../read/boosts.ts';
import { fieldsOf, maySpin, placeIn, surpriseAt, swapsWith } from '../read/spinner.ts';
import { nextInOrder } from '../read/turns.ts';
import { scoreNow, teamOf, type SittingState, type SpinnerInPlay } from '../state.ts';
import { ofRound } from './consequences.ts';
import type { Context } from './context.ts';
import { choose } from './round.ts';

/** The shuttle is seen to pass so often: more where it was flicked harder. */
const FEWEST = 3;
const MOST = 6;

/** Brings the spinner over the stage. */
export function showSpinner(state: SittingState, what: SpunWhat, team: string | null): Draft[] | Refusal {
  if (state.phase !== 'round') return refuse('notNow', 'roundNotBegun');
  if (state.spinner) return refuse('already', 'spinnerOn');
  if (isAsking(state)) return refuse('notNow', 'onOwn');
  // What comes up beside a settled question may be told at once; another question only once it is gone.
  const asksOne = what === 'question' || what === 'category';
  if (state.question && (asksOne || state.question.step !== 'settled'))
    return refuse('notNow', 'endQuestionFirst');
  const forTeam = what === 'surprise' ? (team ?? state.turn) : null;
  if (forTeam !== null && !teamOf(state, forTeam)) return refuse('notThere', 'noTeam');
  const fields = fieldsOf(state, what);
  if (fields.length < 2) return refuse('notNow', 'tooFewToSpin');
  return [{ type: 'spinnerShown', what, team: forTeam, fields }];
}

/** A field by its odds. */
export function drawField(fields: SpinnerInPlay['fields'], random: () => number): number {
  const all = fields.reduce((sum, { weight }) => sum + weight, 0);
  let left = random() * all;
  for (const [i, { weight }] of fields.entries()) {
    left -= weight;
    if (left < 0) return i;
  }
  return fields.length - 1;
}

/** Throws the shuttle; again only by the host, who says why. `strength` (0 … 1) changes what is seen, never what comes up. */
export function spin(
  state: SittingState,
  { strength, reason }: { strength?: number | undefined; reason?: string | undefined },
  { actor, random }: Context,
): Draft[] | Refusal {
  const { spinner } = state;
  if (!spinner) return refuse('notNow', 'spinnerOff');
  if (actor.role === 'seat' && !maySpin(state, actor.id)) return refuse('notYours', 'otherThrows');
  if (spinner.field !== null && (actor.role !== 'host' || !reason)) return refuse('already', 'thrown');
  const passes = FEWEST + Math.round((strength ?? random()) * (MOST - FEWEST));
  return [{ type: 'spun', field: drawField(spinner.fields, random), passes, ...(reason ? { reason } : {}) }];
}

/** The spinner goes, and what came up follows. */
export function closeSpinner(state: SittingState, context: Context): Draft[] | Refusal {
  const { spinner } = state;
  if (!spinner) return refuse('notNow', 'spinnerOff');
  const closed: Draft = { type: 'spinnerClosed' };
  const field = spinner.field === null ? undefined : spinner.fields[spinner.field];
  if (!field) return [closed];
  switch (spinner.what) {
    case 'team':
      return [closed, ...turnTo(state, field.ref)];
    case 'player':
      return [closed, ...turnTo(state, state.seats.get(field.ref)?.team ?? '')];
    case 'category':
    case 'question': {
      const ref = spinner.what === 'question' ? field.ref : placeIn(state, field.ref, context.random);
      const chosen =
        ref === null ? null : choose({ ...state, spinner: null }, ref, { ...context, actor: HOST });
      return chosen === null || isRefusal(chosen) ? [closed] : [closed, ...chosen];
    }
    case 'surprise':
      return [closed, ...ofRound(surprised(state, spinner.team!, field.ref), state.begun.length - 1)];
  }
}

const HOST = { role: 'host', id: '' } as const;

function turnTo(state: SittingState, team: string): Draft[] {
  const inTurns = state.round !== null && formatOf(state.round.format).inTurns;
  return inTurns && state.question === null && teamOf(state, team) && team !== state.turn
    ? [{ type: 'turnGiven', team }]
    : [];
}

/** What a surprise does. */
function surprised(state: SittingState, team: string, ref: string): Draft[] {
  const surprise = surpriseAt(state, ref);
  switch (surprise?.does) {
    case 'points':
      return [scored(team, surprise.amount, 'spinner.points')];
    case 'double':
      return [
        { type: 'boostGiven', team, boost: 'double', why: 'spinner' },
        { type: 'boostUsed', team, boost: 'double', amount: 1 },
      ];
    case 'boost':
      return boostNow(state, surprise.boost)
        ? [{ type: 'boostGiven', team, boost: surprise.boost, why: 'spinner' }]
        : [];
    case 'loseTurn': {
      const next = nextInOrder(state, team);
      const isOn = state.turn === team && state.question === null && next !== team;
      return isOn ? [{ type: 'turnGiven', team: next, took: true }] : [{ type: 'turnLost', team }];
    }
    case 'swap': {
      const other = swapsWith(state, team);
      const difference = other === null ? 0 : scoreNow(state, other) - scoreNow(state, team);
      return difference === 0 || other === null
        ? []
        : [scored(team, difference, 'spinner.swap'), scored(other, -difference, 'spinner.swap')];
    }
    default:
      return [];
  }
}
const scored = (team: string, amount: number, what: string): Draft => ({
  type: 'scored',
  team,
  amount,
  cause: { by: 'format', what },
});
