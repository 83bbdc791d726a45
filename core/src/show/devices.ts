import * as v from 'valibot';

/** What a team's score is made of where each member answers on a handset of their own. */
export const combinations = ['sum', 'mean', 'first', 'majority'] as const;
export type Combination = (typeof combinations)[number];

/** What people answer with, and for whom it counts. */
export const Devices = v.object({
  /** None: answers are said. One handset a team: the first answer of a team is its answer. Or one each. */
  mode: v.picklist(['none', 'team', 'each']),
  /** Whether teams play, or every player for themselves. */
  score: v.picklist(['teams', 'players']),
  combine: v.picklist(combinations),
});
export type Devices = v.InferOutput<typeof Devices>;

export const defaultDevices: Devices = { mode: 'team', score: 'teams', combine: 'mean' };
