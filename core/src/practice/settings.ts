import * as v from 'valibot';
import { MAX_ROSTER } from '../library/roster.ts';
import { line, whole } from '../text/schemas.ts';

/** Which of several attempts counts. */
export const countingAttempts = ['best', 'last', 'mean'] as const;
/** Whether people choose their name from a list, write it, or have none. */
export const namings = ['list', 'open', 'none'] as const;

/** A moment (ms since 1970), years away at most. */
const Moment = whole(0, 8_640_000_000_000_000);

/** How a practice is taken; all of it may be changed while it is on, but for the names' kind. */
export const PracticeSettings = v.object({
  /** Until when answers count (ms since 1970), and the time zone (IANA) in which the host wrote that; null for no end. */
  due: v.nullable(v.object({ at: Moment, zone: line(60) })),
  /** Percent less that an attempt counts which is finished after that; null where nothing is taken any more then. */
  late: v.optional(v.nullable(whole(0, 100)), null),
  /** How often each may take it; null for as often as they like. */
  attempts: v.nullable(whole(1, 20)),
  counts: v.picklist(countingAttempts),
  names: v.picklist(namings),
  /** Those who are on the list, where names come from one. */
  list: v.pipe(
    v.array(v.pipe(line(24), v.trim(), v.minLength(1))),
    v.maxLength(MAX_ROSTER, `At most ${MAX_ROSTER} names.`),
  ),
  /** The group that takes it, as its games are called by; empty for nobody's. */
  group: v.optional(line(40), ''),
  /** The order of questions, where they come one after the other, and that of options: another one for each attempt. */
  shuffleQuestions: v.boolean(),
  shuffleOptions: v.boolean(),
  /** Whether each next question of a list suits what somebody knows, as their answers tell: then there is no order. */
  adaptive: v.optional(v.boolean(), false),
  /** Whether the clocks of questions run as in the show. */
  clocks: v.boolean(),
  /** Minutes for one attempt as a whole; null for as long as it takes. */
  minutes: v.nullable(whole(1, 600)),
  /** Whether whoever misses a question may try once more, with its hint, for half. */
  hints: v.boolean(),
});
export type PracticeSettings = v.InferOutput<typeof PracticeSettings>;

export const defaultPractice: PracticeSettings = {
  due: null,
  late: null,
  attempts: 3,
  counts: 'best',
  names: 'open',
  list: [],
  group: '',
  shuffleQuestions: false,
  shuffleOptions: true,
  adaptive: false,
  clocks: false,
  minutes: null,
  hints: true,
};
