import * as v from 'valibot';
import { difficulties, MAX_TAGS, type Question } from '../question/question.ts';
import { isoDate, languageTag, line, whole } from '../text/schemas.ts';

/** One setting that many questions get at once; what is absent stays as it is in each. */
export const BulkChange = v.partial(
  v.object({
    clock: v.nullable(whole(3, 600)),
    weight: v.picklist([0, 1, 2]),
    difficulty: v.nullable(v.picklist(difficulties)),
    language: languageTag,
    readAloud: v.boolean(),
    trueAsOf: v.nullable(isoDate),
    checkAgainBy: v.nullable(isoDate),
    credit: line(300),
    addTag: v.pipe(line(40), v.trim(), v.minLength(1, 'A tag is needed.')),
    dropTag: v.pipe(line(40), v.trim(), v.minLength(1, 'A tag is needed.')),
  }),
);
export type BulkChange = v.InferOutput<typeof BulkChange>;

const sameTag = (a: string, b: string) => a.toLowerCase() === b.toLowerCase();

/** A question with a change made; a full list of tags takes no further one. */
export function changeQuestion(question: Question, { addTag, dropTag, ...settings }: BulkChange): Question {
  let { tags } = question;
  if (dropTag !== undefined) tags = tags.filter((tag) => !sameTag(tag, dropTag));
  if (addTag !== undefined && !tags.some((tag) => sameTag(tag, addTag)) && tags.length < MAX_TAGS)
    tags = [...tags, addTag];
  return { ...question, ...settings, tags };
}
