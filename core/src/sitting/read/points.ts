import { countsFor } from './counting.ts';
import { verdictOf, type Verdict } from '../../question/kind.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { Result } from '../events.ts';
import { kindInPlay, rulesFor } from './inPlay.ts';
import { seatsOf, type QuestionInPlay, type Response, type SittingState } from '../state.ts';
import { hadFloor, isForClosest, worthOf } from './worth.ts';

/** Rounded half up. */
export const rounded = (points: number): number => Math.floor(points + 0.5);

interface Worth {
  share: number;
  amount: number;
  verdict: Verdict | null;
}

/** A team's result from those of its members, as the show combines them. */
function combined(
  state: SittingState,
  question: QuestionInPlay,
  rules: RoundRules,
  own: Response[],
  members: number,
): Worth {
  const isClosest = isForClosest(state, question);
  const amounts = own.map((one) => worthOf(question, rules, one, isClosest));
  const sum = (numbers: number[]) => numbers.reduce((total, one) => total + one, 0);
  const mean = sum(own.map((one) => one.share)) / Math.max(1, members, own.length);
  const ruled = own.some((one) => one.verdict !== null);
  const of = (i: number): Worth => ({
    share: own[i]!.share,
    amount: rounded(amounts[i]!),
    verdict: own[i]!.verdict,
  });
  const byTime = own.map((_, i) => i).sort((a, b) => (own[a]!.after ?? 0) - (own[b]!.after ?? 0));
  switch (state.show.devices.combine) {
    case 'sum':
      return { share: mean, amount: sum(amounts.map(rounded)), verdict: ruled ? verdictOf(mean) : null };
    case 'mean': {
      const amount = rounded(sum(amounts) / Math.max(1, members, own.length));
      return { share: mean, amount, verdict: ruled ? verdictOf(mean) : null };
    }
    case 'first': {
      // Half right is not right, but better than what is wrong.
      const atLeast = (share: number) => byTime.find((one) => own[one]!.share >= share);
      return of(atLeast(1) ?? atLeast(Number.MIN_VALUE) ?? byTime[0]!);
    }
    case 'majority': {
      const votes = new Map<string, number[]>();
      for (const i of byTime) {
        const key = JSON.stringify(own[i]!.answer);
        votes.set(key, [...(votes.get(key) ?? []), i]);
      }
      // A tie goes to the answer that was there first.
      const most = [...votes.values()].reduce((best, one) => (one.length > best.length ? one : best));
      return of(most[0]!);
    }
  }
}

/** What the question brings to a team as things stand; null where it gave no answer and none was ruled. */
export function worthTo(state: SittingState, question: QuestionInPlay, team: string): Worth | null {
  const rules = rulesFor(state, question);
  const whole = question.byWho.get(question.to ?? team);
  if (whole && whole.team === team) {
    const { share, verdict } = whole;
    return {
      share,
      amount: rounded(worthOf(question, rules, whole, isForClosest(state, question))),
      verdict,
    };
  }
  // A log of an earlier version may hold answers of members also where one team had the floor.
  if (state.show.devices.mode !== 'each') return null;
  const own = question.responses.filter((one) => one.team === team && one.answer !== null);
  if (own.length === 0) return null;
  // Whoever came after it was settled had no part in it, also where it is reckoned again.
  const members = question.members?.get(team) ?? seatsOf(state, team).length;
  return combined(state, question, rules, own, members);
}

/** Those whom a question concerns: all who play where everyone may answer, else who had it or was ruled on. */
export function concerned(state: SittingState, question: QuestionInPlay): string[] {
  if (question.mode === 'everyone')
    return state.teams.filter(({ id }) => !state.seats.get(id)?.removed).map(({ id }) => id);
  return [...new Set([...hadFloor(question), ...question.responses.map((one) => one.team)])];
}

/** What was entered into the ledger for a question so far, by team. */
export const paidFor = (state: SittingState, play: number): ReadonlyMap<string, number> =>
  state.paid.get(play) ?? NONE;
const NONE: ReadonlyMap<string, number> = new Map();

/** A loss takes no score below the floor that the round sets. */
const floored = (amount: number, before: number, lowest: number | null): number =>
  lowest === null || amount >= 0 ? amount : Math.max(amount, Math.min(0, lowest - before));

/**
 * What a question brings in all to everybody whom it concerns. `before` says what each had without
 * it. Null where nothing can be right or wrong.
 */
export function resultsOfQuestion(
  state: SittingState,
  question: QuestionInPlay,
  before: (team: string) => number,
): Result[] | null {
  if (!kindInPlay(state, question).keyed) return null;
  const { lowest } = rulesFor(state, question);
  const round = state.begun[question.begun];
  return concerned(state, question).map((team) => {
    const own = worthTo(state, question, team);
    if (question.counts !== 'asPlayed') {
      const isGiven = question.counts === 'all' && countsFor(round, question, team);
      return { team, share: own?.share ?? 0, amount: isGiven ? question.points : 0 };
    }
    const amount = own && countsFor(round, question, team) ? floored(own.amount, before(team), lowest) : 0;
    return { team, share: own?.share ?? 0, amount: amount === 0 ? 0 : amount };
  });
}

/** The team that won the question, of those for whom it counts: who has most of the marks, then who was first to be so right. */
export function winnerOf(
  state: SittingState,
  question: QuestionInPlay,
  results: readonly Result[] | null,
): string | null {
  if (question.counts === 'nobody') return null;
  const round = state.begun[question.begun];
  const right = (results ?? []).filter((one) => one.share > 0 && countsFor(round, question, one.team));
  const when = ({ team, share }: Result) =>
    Math.min(
      ...question.responses
        .filter((one) => one.team === team && one.share >= share)
        .map((one) => one.after ?? Infinity),
    );
  right.sort((a, b) => b.share - a.share || when(a) - when(b) || 0);
  return right[0]?.team ?? null;
}

/** The team that is right, wholly or in part, where one team at a time has the floor; null elsewhere. */
export function wonBy(state: SittingState, question: QuestionInPlay): { team: string; share: number } | null {
  if (question.mode === 'everyone') return null;
  for (const { team } of question.responses) {
    const worth = worthTo(state, question, team);
    if (worth && worth.share > 0) return { team, share: worth.share };
  }
  return null;
}
