import { isHindering, type BoostName } from '../../formats/boosts.ts';
import { formatOf } from '../../formats/index.ts';
import { allButTwo, hasOptions } from '../../question/thin.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import { add } from '../../time/clock.ts';
import type { Draft } from '../events.ts';
import { isAsking } from '../read/asking.ts';
import { boostNow } from '../read/boosts.ts';
import { kindInPlay, writtenQuestion } from '../read/inPlay.ts';
import { adviceOn, teamOf, type QuestionInPlay, type SittingState } from '../state.ts';
import { ofRound } from './consequences.ts';
import type { Context } from './context.ts';

/** Whoever has a boost, or wants one: a team, by one of its seats or by the host. */
interface Owner {
  team: string;
  seat: string | null;
}
type Owned = { boost: BoostName; on?: string | undefined };

/** Events of somebody who is asked alone are theirs, whatever the host takes back beside. */
const mine = (state: SittingState, { team, seat }: Owner): { to?: string } => {
  if (!isAsking(state)) return {};
  const who = seat !== null && state.asked.has(seat) ? seat : state.asked.has(team) ? team : (seat ?? team);
  return { to: who };
};

/** The host, a spinner or a space gives a team a boost. */
export function giveBoost(state: SittingState, team: string, boost: BoostName): Draft[] | Refusal {
  if (state.phase !== 'round') return refuse('notNow', 'roundNotBegun');
  if (!teamOf(state, team)) return refuse('notThere', 'noTeam');
  if (!boostNow(state, boost)) return refuse('notThere', 'noBoostHere');
  return [{ type: 'boostGiven', team, boost, why: 'host' }];
}

/** Somebody buys a boost with what they have earned in the round. */
export function buyBoost(state: SittingState, owner: Owner, boost: BoostName): Draft[] | Refusal {
  const { round } = state;
  const sold = boostNow(state, boost);
  if (
    !round ||
    !sold ||
    !formatOf(round.format).sells ||
    state.show.rounds[round.index]!.rules.boosts == null
  )
    return refuse('notThere', 'nothingToBuy');
  if (!isAsking(state)) return refuse('notNow', 'buyInRound');
  if (round.held) return refuse('notNow', 'paused');
  const has = round.points.get(owner.team) ?? 0;
  if (has < sold.price) return refuse('notNow', 'tooDear', { price: sold.price, has });
  const own = mine(state, owner);
  const cause = { by: 'format', what: 'boost.price' } as const;
  const paid: Draft[] =
    sold.price === 0
      ? []
      : ofRound(
          [{ type: 'scored', team: owner.team, amount: -sold.price, cause, ...own }],
          state.begun.length - 1,
        );
  return [...paid, { type: 'boostGiven', team: owner.team, boost, why: 'bought', ...own }];
}

/** Somebody uses a boost that they have. */
export function useBoost(
  state: SittingState,
  owner: Owner,
  { boost, on }: Owned,
  context: Context,
): Draft[] | Refusal {
  const { team } = owner;
  if (state.phase !== 'round') return refuse('notNow', 'roundNotBegun');
  const rule = boostNow(state, boost);
  if (!rule) return refuse('notNow', 'boostNotHere');
  if (!(state.boosts.get(team) ?? []).includes(boost)) return refuse('used', 'boostNone');
  if (isHindering(boost) && (on === undefined || on === team || !teamOf(state, on)))
    return refuse('notThere', 'otherTeam');
  if (state.round?.held) return refuse('notNow', 'paused');
  const question = questionOf(state, owner);
  const own = mine(state, owner);
  const effect = effectOf(state, question, owner, boost, rule.amount, context);
  if (isRefusal(effect)) return effect;
  const play = question && own.to !== undefined ? { play: question.play } : {};
  const used = {
    type: 'boostUsed',
    team,
    boost,
    amount: rule.amount,
    ...(on ? { on } : {}),
    ...own,
    ...play,
  } as const;
  return [used, ...effect];
}

/** The question that somebody has before them. */
function questionOf(state: SittingState, { team, seat }: Owner): QuestionInPlay | null {
  return (seat === null ? undefined : state.asked.get(seat)) ?? state.asked.get(team) ?? state.question;
}

/** What happens at once; what lasts is noted with the use itself. */
function effectOf(
  state: SittingState,
  question: QuestionInPlay | null,
  owner: Owner,
  boost: BoostName,
  amount: number,
  { now, random }: Context,
): Draft[] | Refusal {
  const running = state.running.some((one) => one.team === owner.team && one.boost === boost && one.left > 0);
  switch (boost) {
    case 'double':
    case 'forgive':
    case 'hurry':
    case 'tithe':
      return running ? refuse('already', 'boostRuns') : [];
    default:
  }
  const open = question?.step === 'open' && kindInPlay(state, question).keyed;
  const may = question && (question.mode === 'everyone' || question.floor === owner.team);
  if (!open || !may) return refuse('notNow', 'boostWithQuestion');
  if (adviceOn(question)) return refuse('notNow', 'adviceOn');
  if (question.boosts.some((one) => one.team === owner.team && one.boost === boost))
    return refuse('already', 'boostUsedHere');
  const who = question.to ?? owner.team;
  const answered = question.byWho.has(who) || (owner.seat !== null && question.byWho.has(owner.seat));
  if (answered) return refuse('notNow', 'answered');
  const play = question.to === null ? {} : { play: question.play };
  if (boost === 'moreTime') {
    if (!question.clock) return refuse('notNow', 'noClock');
    if (question.to === null && question.floor !== owner.team) return refuse('notNow', 'sameClock');
    return [{ type: 'clockSet', clock: add(question.clock, amount * 1000, now), ...play }];
  }
  if (boost === 'thinOut') {
    const written = writtenQuestion(state, question);
    const before = [...question.removed, ...(question.again.get(who)?.removed ?? [])];
    if (!hasOptions(written) || question.order.length - before.length <= 2)
      return refuse('notNow', 'helpUseless');
    const removed = allButTwo(written, question.order, before, random);
    return [{ type: 'thinnedFor', who, team: owner.team, removed, ...play }];
  }
  return [];
}
