import { harmlessBoosts, type BoostName, type BoostRules } from '../../formats/boosts.ts';
import type { RoundRules } from '../../formats/rules.ts';
import type { Draft } from '../events.ts';
import type { Factor, QuestionInPlay, SittingState } from '../state.ts';
import { kindInPlay, rulesFor, rulesOf } from './inPlay.ts';
import { concerned, worthTo } from './points.ts';

/** The boosts of a round: those that it names, else the harmless ones. */
export const boostsOf = ({ boosts }: Pick<RoundRules, 'boosts'>): BoostRules => boosts ?? harmlessBoosts;

/** What a boost does in the round that is on; null where there is none of that name. */
export const boostNow = (state: SittingState, boost: BoostName): BoostRules[number] | null =>
  boostsOf(rulesOf(state)).find((one) => one.boost === boost) ?? null;

/** What somebody has running of one kind. */
const runningFor = (state: SittingState, team: string, boost: BoostName) =>
  state.running.find((one) => one.team === team && one.boost === boost && one.left > 0);

/**
 * How long a question may be answered (ms), null for as long as they like: its own clock or the round's, and only a part
 * of that where the one team it is for has its time cut short. `team` is null where everybody answers.
 */
export function limitFor(state: SittingState, question: string, team: string | null): number | null {
  const seconds = state.show.questions[question]!.clock ?? rulesOf(state).clock;
  if (seconds === null) return null;
  const hurried = state.running.some((one) => one.boost === 'hurry' && one.on === team && one.left > 0);
  const percent = (hurried && boostNow(state, 'hurry')?.amount) || 100;
  return Math.round(seconds * 10 * percent);
}

/**
 * What boosts make of a question as it is settled: worth twice as much to whoever has that running, and free for
 * whoever is forgiven a mistake. Of each alone only whoever it was asked.
 */
export function factorsDue(state: SittingState, question: QuestionInPlay): (Draft & { type: 'factored' })[] {
  if (!kindInPlay(state, question).keyed || state.running.length === 0) return [];
  const own = question.to === null ? {} : { play: question.play };
  return concerned(state, question).flatMap((team) => {
    const drafts: (Draft & { type: 'factored' })[] = [];
    const has = (why: string) => question.factors.some((one) => one.team === team && one.why === why);
    if (runningFor(state, team, 'double') && !has('double'))
      drafts.push({ type: 'factored', team, times: 2, why: 'double', ...own });
    const worth = worthTo(state, question, team);
    // What a team lost before it was handed past it has lost.
    const lost = worth !== null && worth.amount < 0 && !question.tried.includes(team);
    if (lost && runningFor(state, team, 'forgive') && !has('forgive'))
      drafts.push({ type: 'factored', team, times: 0, why: 'forgive', of: 'loss', ...own });
    return drafts;
  });
}

/** The question as it is once these factors stand. */
export const withFactors = (
  question: QuestionInPlay,
  factors: readonly (Draft & { type: 'factored' })[],
): QuestionInPlay =>
  factors.length === 0
    ? question
    : {
        ...question,
        factors: [
          ...question.factors,
          ...factors.map(({ team, who = null, times, why, of }): Factor => ({
            team,
            who,
            times,
            why,
            of: of ?? 'gain',
          })),
        ],
      };

/** What goes from whoever gained by a question to whoever gets a part of that. */
export function tithesDue(
  state: SittingState,
  question: QuestionInPlay,
  results: readonly { team: string; amount: number }[] | null,
): Draft[] {
  const to = question.to === null ? {} : { to: question.to };
  return state.running.flatMap((one): Draft[] => {
    const gain = results?.find(({ team }) => team === one.on)?.amount ?? 0;
    if (one.boost !== 'tithe' || one.left <= 0 || gain <= 0) return [];
    const percent = boostsOf(rulesFor(state, question)).find(({ boost }) => boost === 'tithe')?.amount ?? 0;
    const part = Math.floor((gain * percent) / 100);
    const cause = { by: 'format', what: 'boost.tithe' } as const;
    return part === 0
      ? []
      : [
          { type: 'scored', team: one.on!, amount: -part, cause, ...to },
          { type: 'scored', team: one.team, amount: part, cause, ...to },
        ];
  });
}
