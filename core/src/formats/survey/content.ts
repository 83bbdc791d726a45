import * as v from 'valibot';
import { sequenceEntries } from '../items.ts';

/** When everybody sees what came out: with every answer, after the lock, or not at all: at the desk alone. */
export const shownWhen = ['live', 'after', 'desk'] as const;
/** With what it is compared: nothing, the survey before in this show, or the last time that the show was played. */
export const comparedWith = ['nothing', 'before', 'lastTime'] as const;

export const SurveyContent = v.object({
  ...sequenceEntries,
  /** Nobody can find out who answered what, the host and the store included. */
  anonymous: v.boolean(),
  shown: v.picklist(shownWhen),
  compare: v.optional(v.picklist(comparedWith), 'nothing'),
});
export type SurveyContent = v.InferOutput<typeof SurveyContent>;

export const blankSurvey = (): SurveyContent => ({
  items: [],
  points: 0,
  shuffle: false,
  anonymous: true,
  shown: 'after',
  compare: 'nothing',
});
