import { countsFor } from './counting.ts';
import { verdictOf, type Verdict } from '../../question/kind.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { Result } from '../events.ts';
import { kindInPlay, rulesFor, writtenQuestion } from './inPlay.ts';
import { seatsOf, type Factor, type QuestionInPlay, type Response, type SittingState } from '../state.ts';

/** Rounded half up. */
export const rounded = (points: number): number => Math.floor(points + 0.5);

/**
 * What is left of a value for an answer after `t` seconds of `limit`: all of it within `grace`
 * seconds, then less in even measure down to `keep` percent at the limit.
 *
 *     keep + (1 − keep) × (1 − clamp((t − grace) / (limit − grace), 0, 1))
 */
export function speedShare(
  t: number,
  limit: number,
  { keep, grace }: NonNullable<RoundRules['speed']>,
): number {
  if (limit <= grace) return 1;
  const late = Math.min(1, Math.max(0, (t - grace) / (limit - grace)));
  return keep / 100 + (1 - keep / 100) * (1 - late);
}

/** Teams that had the floor, in that order; nobody in particular where everyone may answer. */
export const hadFloor = (question: QuestionInPlay): string[] =>
  question.floor === null ? question.tried : [...question.tried, question.floor];

/** Whether whoever comes closest wins it, so that the others are not wrong for being further off. */
function isForClosest(state: SittingState, question: QuestionInPlay): boolean {
  const { answer } = writtenQuestion(state, question);
  return answer.kind === 'number' && answer.marking === 'closest';
}

/** With what a question's value is multiplied for whoever answers it: what it brings, or what it costs. */
export const timesFor = (
  { factors }: Pick<QuestionInPlay, 'factors'>,
  { team, who }: Pick<Response, 'team' | 'who'>,
  of: Factor['of'],
): number =>
  factors
    .filter((one) => one.of === of && one.team === team && (one.who === null || one.who === who))
    .reduce((product, { times }) => product * times, 1);

/** What one response brings or costs, not rounded yet. */
function worth(question: QuestionInPlay, rules: RoundRules, response: Response, isClosest: boolean): number {
  const first = hadFloor(question)[0];
  const later = question.mode !== 'everyone' && first !== undefined && first !== response.team;
  const value = question.points * (later ? rules.passShare / 100 : 1);
  if (response.verdict === 'wrong') {
    const spared = timesFor(question, response, 'loss');
    // Whoever is not the closest guessed honestly, and only the host can call that wrong.
    if (isClosest && response.by !== 'host' && !rules.penaltyClosest) return 0;
    if (question.loss !== null) return question.loss === 0 ? 0 : -question.loss * spared;
    const cost = { none: 0, part: rules.penaltyShare / 100, full: 1 }[rules.penalty];
    return cost === 0 ? 0 : -value * cost * spared;
  }
  const timed = rules.speed && question.limit !== null && response.after !== null && !later;
  const speed = timed ? speedShare(response.after! / 1000, question.limit! / 1000, rules.speed!) : 1;
  return value * speed * response.share * timesFor(question, response, 'gain');
}

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
  const amounts = own.map((one) => worth(question, rules, one, isClosest));
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
    return { share, amount: rounded(worth(question, rules, whole, isForClosest(state, question))), verdict };
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
