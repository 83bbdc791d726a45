import * as v from 'valibot';
import { line, whole } from '../../text/schemas.ts';
import { sequenceEntries } from '../items.ts';

export const MOST_COVERS = 36;
const Weight = whole(-999, 999);

export const CounterweightContent = v.object({
  ...sequenceEntries,
  covers: whole(2, MOST_COVERS),
  /** The heaviest value, with its opposite. */
  most: whole(1, 999),
  /** From which the values follow, so that they can be had again; empty for others at every sitting. */
  seed: line(40),
  /** Values written by hand, in the order of the covers; null where they are drawn. */
  values: v.nullable(v.pipe(v.array(Weight), v.maxLength(MOST_COVERS, `At most ${MOST_COVERS} covers.`))),
});
export type CounterweightContent = v.InferOutput<typeof CounterweightContent>;

/** Sixteen covers from −9 to +9 (common practice). */
export const blankCounterweight = (): CounterweightContent => ({
  items: [],
  points: 0,
  shuffle: false,
  covers: 16,
  most: 9,
  seed: '',
  values: null,
});
