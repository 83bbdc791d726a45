import * as v from 'valibot';
import { whole } from '../text/schemas.ts';

/** What every round says about its floor, whatever its format. */
export const RoundRules = v.object({
  /** After a wrong or missing answer: the question goes to the next team, or is over. */
  afterWrong: v.picklist(['handOn', 'close']),
  /** What a wrong answer costs: nothing, or the value. A missing answer costs nothing. */
  penalty: v.picklist(['none', 'full']),
  /** Seconds for a question that sets none itself; null for no clock. */
  clock: v.nullable(whole(3, 600)),
  shuffleOptions: v.boolean(),
});
export type RoundRules = v.InferOutput<typeof RoundRules>;

export const defaultRules: RoundRules = {
  afterWrong: 'handOn',
  penalty: 'none',
  clock: 20,
  shuffleOptions: true,
};
