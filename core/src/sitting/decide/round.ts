import { formatOf } from '../../formats/index.ts';
import type { By } from '../../formats/format.ts';
import type { Draft } from '../events.ts';
import { isAsking, isRoundOver } from '../read/asking.ts';
import { limitOf, takeAlone } from './alone.ts';
import { nextRound } from '../read/coming.ts';
import { playing } from '../read/roundCount.ts';
import { rulesAt, rulesOf } from '../read/inPlay.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import { ofRound } from './consequences.ts';
import { countNow } from './count.ts';
import { scoreNow, teamOf, type SittingState } from '../state.ts';
import { fieldsOf } from '../read/spinner.ts';
import { tableOf } from '../read/table.ts';
import { nextInOrder, turnAfter, withTurnLeft } from '../read/turns.ts';
import { turnsLeft } from '../read/turnsLeft.ts';
import { choosesTogether } from '../read/wishes.ts';
import type { Context } from './context.ts';
import { wish } from './wish.ts';

const spinnerIsOn = refuse('notNow', 'spinnerFirst');

/** Who begins a round: by its rule of turns; in order it goes on where the last round stopped. */
function firstTurn(state: SittingState, index: number, { random }: Context): string {
  const { turns } = rulesAt(state, index);
  const ids = state.teams.map((team) => team.id);
  if (turns === 'drawn') return ids[Math.floor(random() * ids.length)] ?? '';
  if (turns === 'lowest' && state.round)
    return ids.reduce(
      (low, team) => (scoreNow(state, team) < scoreNow(state, low) ? team : low),
      ids[0] ?? '',
    );
  return ids.includes(state.turn) ? state.turn : (ids[0] ?? '');
}

/**
 * Begins a round of the running order: the next one, or any other, which skips or repeats. A question that is
 * settled is left with it: where steps are taken together it would else end only with the next one.
 */
export function begin(state: SittingState, given: number | undefined, context: Context): Draft[] | Refusal {
  if (given === undefined && state.phase !== 'lobby') return refuse('already', 'roundBegun');
  const { question } = state;
  if (question && question.step !== 'settled') return refuse('notNow', 'endQuestionFirst');
  if (isAsking(state)) return refuse('notNow', 'endAloneFirst');
  const index = given ?? nextRound(state);
  const round = index === null ? undefined : state.show.rounds[index];
  if (index === null || !round) return refuse('notThere', 'noRound');
  const format = formatOf(round.format);
  const dealt = format.deal(
    round.content,
    state.show.questions,
    context.random,
    playing(state).map(({ id }) => id),
  );
  const left = question ? [{ type: 'left' as const, turn: turnAfter(state, question, context.random) }] : [];
  const turn = firstTurn(left[0] ? { ...state, turn: left[0].turn } : state, index, context);
  const { brings } = rulesAt(state, index);
  const began = { type: 'roundBegan', round: index, turn, brings } as const;
  return [...left, ...countNow(state), dealt === null ? began : { ...began, dealt }];
}

export function giveTurn(state: SittingState, team: string): Draft[] | Refusal {
  if (!teamOf(state, team)) return refuse('notThere', 'noTeam');
  if (state.phase !== 'round') return refuse('notNow', 'roundNotBegun');
  if (state.question) return refuse('notNow', 'passInstead');
  if (turnsLeft(state)?.get(team) === 0) return refuse('notNow', 'turnsUsed');
  return state.turn === team ? refuse('already', 'theirTurn') : [{ type: 'turnGiven', team }];
}

/** Brings a question into play; who may answer it is the round's rule. Where each is asked alone, `team` chooses its own. */
export function choose(state: SittingState, ref: string, context: Context, team?: string): Draft[] | Refusal {
  const { random, now, actor } = context;
  const seat = actor.role === 'seat' ? state.seats.get(actor.id) : undefined;
  if (actor.role === 'seat' && (!seat || seat.removed)) return refuse('notYours', 'notIn');
  if (isAsking(state)) return takeAlone(state, ref, seat?.team ?? team ?? '', context);
  if (seat && !(state.round && formatOf(state.round.format).chosenByHandset && seat.team === state.turn))
    return refuse('notYours', 'otherChooses');
  if (!state.round) return refuse('notNow', 'roundNotBegun');
  if (state.question) return refuse('already', 'questionInPlay');
  if (state.spinner) return spinnerIsOn;
  if (isRoundOver(state)) return refuse('notNow', 'roundOver');
  const picked = formatOf(state.round.format).choose(state.round.state, ref, tableOf(state), random);
  if (isRefusal(picked)) return picked;
  const vote = seat && choosesTogether(state) ? wish(state, seat, picked.ref, context) : null;
  if (vote && !vote.settled) return vote.drafts.length > 0 ? vote.drafts : refuse('already', 'wished');
  const mode = picked.mode ?? rulesOf(state).floor;
  if (mode === 'turn' && !teamOf(state, state.turn)) return refuse('notNow', 'nobodyToAnswer');
  const weight = state.show.questions[picked.question]?.weight ?? 1;
  const floor = mode === 'turn' ? state.turn : null;
  const points = picked.points * weight;
  return [
    ...(vote?.drafts ?? []),
    ...started(state, now),
    { type: 'picked', ref: picked.ref, question: picked.question, points, floor, mode },
  ];
}

/** With its first question a round that has a clock of its own begins. */
function started(state: SittingState, now: number): Draft[] {
  const limit = limitOf(state);
  if (limit === null || state.round!.startedAt !== null) return [];
  return [{ type: 'roundStarted', clock: { deadline: now + limit }, limit }];
}

/** An act that the format of the round knows alone. */
export function act(state: SittingState, given: unknown, { actor, random, now }: Context): Draft[] | Refusal {
  if (!state.round) return refuse('notNow', 'roundNotBegun');
  if (state.spinner) return spinnerIsOn;
  let by: By = { role: actor.role === 'stage' ? 'stage' : 'host' };
  if (actor.role === 'seat') {
    const seat = state.seats.get(actor.id);
    if (!seat || seat.removed) return refuse('notYours', 'notIn');
    by = { role: 'team', team: seat.team };
  }
  const drafts = formatOf(state.round.format).act(state.round.state, given, tableOf(state, now), by, random);
  return isRefusal(drafts)
    ? drafts
    : ofRound(
        drafts.flatMap((one) => filledIn(state, passedOn(state, one))),
        state.begun.length - 1,
      );
}

/** A spinner that a format brings up gets its fields; one with nothing to draw does not come. */
function filledIn(state: SittingState, draft: Draft): Draft[] {
  if (draft.type !== 'spinnerShown') return [draft];
  const fields = fieldsOf(state, draft.what);
  return fields.length < 2 ? [] : [{ ...draft, fields }];
}

/** A turn that was had without a question goes to the next in order who has one left. */
function passedOn(state: SittingState, draft: Draft): Draft {
  if (draft.type !== 'turnGiven' || !draft.took) return draft;
  const turnsTaken = new Map(state.turnsTaken).set(state.turn, (state.turnsTaken.get(state.turn) ?? 0) + 1);
  return { ...draft, team: withTurnLeft({ ...state, turnsTaken }, nextInOrder(state, state.turn)) };
}
