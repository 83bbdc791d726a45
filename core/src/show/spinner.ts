import * as v from 'valibot';
import { boosts } from '../formats/boosts.ts';
import { whole } from '../text/schemas.ts';

/** Of how many equal parts a field has so many. */
const weight = whole(1, 99);
const bare = <T extends string>(does: T) => v.object({ does: v.literal(does), weight });

/** What a spin may bring a team. */
export const Surprise = v.variant('does', [
  v.object({ does: v.literal('points'), amount: whole(-1_000_000, 1_000_000), weight }),
  /** The next question is worth twice as much to it. */
  bare('double'),
  v.object({ does: v.literal('boost'), boost: v.picklist(boosts), weight }),
  bare('loseTurn'),
  /** It changes points with whoever is one place better; the first with the second. */
  bare('swap'),
  bare('nothing'),
]);
export type Surprise = v.InferOutput<typeof Surprise>;

export const MOST_SURPRISES = 12;

/** The spinner of a show. */
export const Spinner = v.object({
  surprises: v.pipe(
    v.array(Surprise),
    v.minLength(2, 'At least two fields.'),
    v.maxLength(MOST_SURPRISES, `At most ${MOST_SURPRISES} fields.`),
  ),
  /** Nobody comes up again before everybody has. */
  everybodyFirst: v.boolean(),
});
export type Spinner = v.InferOutput<typeof Spinner>;

/** Nothing that hurts. */
export const defaultSpinner: Spinner = {
  surprises: [
    { does: 'points', amount: 50, weight: 3 },
    { does: 'points', amount: 100, weight: 2 },
    { does: 'double', weight: 1 },
    { does: 'boost', boost: 'secondTry', weight: 1 },
    { does: 'nothing', weight: 1 },
  ],
  everybodyFirst: true,
};
