import * as v from 'valibot';
import { QuestionSet } from '../library/set.ts';
import { Question } from '../question/question.ts';
import { readJson } from './readJson.ts';
import { MAX_ROWS } from './sheet/table.ts';

/** The name by which our own files are known, and the version of what they say. */
export const SET_FORMAT = 'distaff-question-set';
export const SET_VERSION = 1;

/** A question set as a JSON file of our own: everything, in the open. */
export const SetFile = v.object({
  $schema: v.optional(v.string()),
  format: v.literal(SET_FORMAT, 'This is no question set of Distaff.'),
  version: v.literal(SET_VERSION, 'This file was written by a newer version.'),
  set: QuestionSet,
  questions: v.pipe(v.array(Question), v.maxLength(MAX_ROWS, `At most ${MAX_ROWS} questions.`)),
});
export type SetFile = v.InferOutput<typeof SetFile>;

/** `schema` is the address of the JSON Schema that it follows, where there is one. */
export const writeSetFile = (set: QuestionSet, questions: readonly Question[], schema?: string): string =>
  `${JSON.stringify({ $schema: schema, format: SET_FORMAT, version: SET_VERSION, set, questions }, null, 2)}\n`;

/** @returns the set, or a sentence that says what is wrong and where. */
export const readSetFile = (text: string): { file: SetFile } | { wrong: string } => readJson(SetFile, text);
