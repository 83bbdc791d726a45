import type { RoundRules } from '../../formats/rules.ts';
import { writtenQuestion } from './inPlay.ts';
import type { Factor, QuestionInPlay, Response, SittingState } from '../state.ts';

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
export function isForClosest(state: SittingState, question: QuestionInPlay): boolean {
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

/** Why a response brings what it does: the value, and what that was multiplied with, in this order. */
export interface Part {
  by: 'value' | 'passed' | 'speed' | 'share' | 'boost' | 'penalty' | 'noPenalty' | 'loss' | 'spared';
  times: number;
}

/** The parts whose product is what one response brings or costs; of what changes nothing there is none. */
export function partsOf(
  question: QuestionInPlay,
  rules: RoundRules,
  response: Response,
  isClosest: boolean,
): Part[] {
  const first = hadFloor(question)[0];
  const later = question.mode !== 'everyone' && first !== undefined && first !== response.team;
  const part = (by: Part['by'], times: number): Part[] => (times === 1 ? [] : [{ by, times }]);
  const value: Part[] = [
    { by: 'value', times: question.points },
    ...part('passed', later ? rules.passShare / 100 : 1),
  ];
  if (response.verdict === 'wrong') {
    const spared = part('spared', timesFor(question, response, 'loss'));
    // Whoever is not the closest guessed honestly, and only the host can call that wrong.
    if (isClosest && response.by !== 'host' && !rules.penaltyClosest) return [{ by: 'noPenalty', times: 0 }];
    if (question.loss !== null) return [{ by: 'loss', times: -question.loss }, ...spared];
    const cost = { none: 0, part: rules.penaltyShare / 100, full: 1 }[rules.penalty];
    if (cost === 0) return [{ by: 'noPenalty', times: 0 }];
    return [...value, { by: 'penalty', times: -cost }, ...spared];
  }
  const timed = rules.speed && question.limit !== null && response.after !== null && !later;
  const speed = timed ? speedShare(response.after! / 1000, question.limit! / 1000, rules.speed!) : 1;
  return [
    ...value,
    ...part('speed', speed),
    ...part('share', response.share),
    ...part('boost', timesFor(question, response, 'gain')),
  ];
}

/** What one response brings or costs, not rounded yet. */
export const worthOf = (...what: Parameters<typeof partsOf>): number =>
  partsOf(...what).reduce((product, { times }) => product * times, 1);
