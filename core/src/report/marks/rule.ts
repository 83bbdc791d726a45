import * as v from 'valibot';
import { line, whole } from '../../text/schemas.ts';

const finite = (least: number, most: number) => v.pipe(v.number(), v.minValue(least), v.maxValue(most));
/** Percent of what could be had, 0 … 100. */
const Percent = finite(0, 100);

/** Marks are percent or points as they are; numbers between a worst and a best; or letters from so many percent on. */
const Scale = v.variant('kind', [
  v.object({ kind: v.literal('raw') }),
  v.object({
    kind: v.literal('range'),
    /** What nothing and everything come to: 0 and 100, 6 and 1, 1 and 6. */
    worst: finite(-1000, 1000),
    best: finite(-1000, 1000),
    /** The mark at which one has passed, and from how many percent on it is given; null for even steps all the way. */
    pass: v.nullable(v.object({ mark: finite(-1000, 1000), percent: Percent })),
  }),
  v.object({
    kind: v.literal('letters'),
    steps: v.pipe(
      v.array(v.object({ name: v.pipe(line(12), v.trim(), v.minLength(1)), from: Percent })),
      v.minLength(1),
      v.maxLength(20),
    ),
  }),
]);
export type Scale = v.InferOutput<typeof Scale>;

/** How a group is given marks; the same for every game of it. */
export const MarkRule = v.object({
  /** The share of the marks, in percent, or the points of the game. */
  from: v.picklist(['share', 'points']),
  /** What counts as all of the points: what the best has, or a number. */
  full: v.nullable(finite(1, 10_000_000)),
  /** Whether every question weighs the same, or as much as it was worth. */
  weight: v.picklist(['equal', 'value']),
  scale: Scale,
  digits: whole(0, 2),
  rounding: v.picklist(['nearest', 'up', 'down']),
  absent: v.picklist(['empty', 'worst']),
  /** Percent, or points, added for the first so many: whoever shares a place shares what it brings. */
  extra: v.pipe(v.array(finite(0, 1000)), v.maxLength(10)),
});
export type MarkRule = v.InferOutput<typeof MarkRule>;

/** With which a host begins: percent, without halves. */
export const usualMarks: MarkRule = {
  from: 'share',
  full: null,
  weight: 'equal',
  scale: { kind: 'raw' },
  digits: 0,
  rounding: 'nearest',
  absent: 'empty',
  extra: [],
};
