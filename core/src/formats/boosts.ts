import * as v from 'valibot';
import { whole } from '../text/schemas.ts';

/**
 * What helps a team once: worth more for the next questions, a wrong answer forgiven, another try, more time, fewer
 * options – or hinders another one: half its time, a part of what it gains.
 */
export const boosts = ['double', 'forgive', 'secondTry', 'moreTime', 'thinOut', 'hurry', 'tithe'] as const;
export type BoostName = (typeof boosts)[number];

/** Those that are used against somebody. */
const hindering: ReadonlySet<BoostName> = new Set(['hurry', 'tithe']);
export const isHindering = (boost: BoostName): boolean => hindering.has(boost);

/** What each does, as a number: questions, seconds or percent; and what it costs where it is sold. */
export const usualBoosts: Record<BoostName, { amount: number; price: number }> = {
  // Questions that are worth twice as much, and wrong answers that cost nothing.
  double: { amount: 3, price: 100 },
  forgive: { amount: 1, price: 50 },
  secondTry: { amount: 1, price: 50 },
  // Seconds.
  moreTime: { amount: 15, price: 30 },
  // Options that are left.
  thinOut: { amount: 2, price: 50 },
  // Percent of the time that is left, and of each gain.
  hurry: { amount: 50, price: 150 },
  tithe: { amount: 25, price: 150 },
};
/** For so many questions a part of somebody's gain goes to somebody else. */
export const TITHED = 3;

/** Which boosts there are in a round, what they do, and what they cost where they are sold. */
export const BoostRules = v.pipe(
  v.array(
    v.object({
      boost: v.picklist(boosts),
      amount: whole(1, 600),
      price: whole(0, 1_000_000),
    }),
  ),
  v.maxLength(boosts.length),
);
export type BoostRules = v.InferOutput<typeof BoostRules>;

/** Harmless ones, as they are where nobody said otherwise. */
export const harmlessBoosts: BoostRules = boosts
  .filter((boost) => !isHindering(boost))
  .map((boost) => ({ boost, ...usualBoosts[boost] }));
