import * as v from 'valibot';
import { Id, isoDate, languageTag, line, lines, whole } from '../text/schemas.ts';
import { Picture, Sound, Video } from '../media/media.ts';
import { AnswerContent, kindOf } from './kinds/index.ts';

export const difficulties = ['easy', 'medium', 'hard'] as const;
export type Difficulty = (typeof difficulties)[number];
export const MAX_TAGS = 20;

/** Over so many answers middling people had this share (0 … 1) of its marks, and took so long (s; null of too few). */
const Learnt = v.object({
  answers: whole(0, 1_000_000_000),
  share: v.pipe(v.number(), v.minValue(0), v.maxValue(1)),
  seconds: v.nullable(v.pipe(v.number(), v.minValue(0), v.maxValue(36_000))),
});

/** A question as it is written: may be unfinished, but never beyond these bounds. */
export const Question = v.object({
  id: Id,
  /** Small Markdown; so are options and explanation. */
  prompt: lines(1000),
  answer: AnswerContent,
  /** To be seen and heard with the prompt, and the picture that comes with the key. */
  picture: v.optional(v.nullable(Picture), null),
  sound: v.optional(v.nullable(Sound), null),
  video: v.optional(v.nullable(Video), null),
  answerPicture: v.optional(v.nullable(Picture), null),
  /** Whether handset and stage offer to read it out, for those who do not read yet. */
  readAloud: v.optional(v.boolean(), false),
  /** Seconds for answering; null takes the round's clock. */
  clock: v.nullable(whole(3, 600)),
  /** Times that its value counts: for nothing, once, twice. */
  weight: v.optional(v.picklist([0, 1, 2]), 1),
  /** For the host alone. */
  notes: lines(1000),
  /** Shown with the key. */
  explanation: lines(1000),
  /** What helps whoever was wrong and may try again. */
  hint: v.optional(lines(500), ''),
  /** Told to those who were right, and to those who were not. */
  onRight: v.optional(line(200), ''),
  onWrong: v.optional(line(200), ''),
  tags: v.optional(
    v.pipe(
      v.array(v.pipe(line(40), v.trim(), v.minLength(1))),
      v.maxLength(MAX_TAGS, `At most ${MAX_TAGS} tags.`),
    ),
    [],
  ),
  difficulty: v.optional(v.nullable(v.picklist(difficulties)), null),
  /** BCP 47; empty where nobody said. */
  language: v.optional(languageTag, ''),
  /** The day on which the fact was checked last, and the day by which it should be again. */
  trueAsOf: v.optional(v.nullable(isoDate), null),
  checkAgainBy: v.optional(v.nullable(isoDate), null),
  /** Whom to thank for text or fact. */
  credit: v.optional(line(300), ''),
  /** The library's question that this is a copy of, and which state of it. */
  origin: v.optional(v.nullable(v.object({ id: Id, version: whole(1, 1_000_000_000) })), null),
  /** What games taught of it, put there as doors open: what hosts write has none. */
  learnt: v.optional(Learnt),
});
export type Question = v.InferOutput<typeof Question>;

/** A new, empty question that may be chosen among options. `newId` makes ids. */
export function blankQuestion(newId: () => string): Question {
  return {
    id: newId(),
    prompt: '',
    answer: kindOf('choice').blank(newId),
    picture: null,
    sound: null,
    video: null,
    answerPicture: null,
    readAloud: false,
    clock: null,
    weight: 1,
    notes: '',
    explanation: '',
    hint: '',
    onRight: '',
    onWrong: '',
    tags: [],
    difficulty: null,
    language: '',
    trueAsOf: null,
    checkAgainBy: null,
    credit: '',
    origin: null,
  };
}
