import * as v from 'valibot';
import type { AnswerKind } from '../kind.ts';
import { aloud, AloudContent } from './aloud.ts';
import { card, CardContent } from './card.ts';
import { choice, ChoiceContent } from './choice.ts';
import { many, ManyContent } from './many.ts';
import { match, MatchContent } from './match.ts';
import { number, NumberContent } from './number.ts';
import { opinion, OpinionContent } from './opinion.ts';
import { order, OrderContent } from './order.ts';
import { scale, ScaleContent } from './scale.ts';
import { text, TextContent } from './text.ts';
import { truefalse, TrueFalseContent } from './truefalse.ts';
import { words, WordsContent } from './words.ts';

const kinds = {
  choice,
  many,
  truefalse,
  text,
  number,
  order,
  match,
  aloud,
  opinion,
  scale,
  words,
  card,
};

export type KindName = keyof typeof kinds;
export const kindNames = Object.keys(kinds) as KindName[];

/** The content of any kind, told apart by its `kind`. */
export const AnswerContent = v.variant('kind', [
  ChoiceContent,
  ManyContent,
  TrueFalseContent,
  TextContent,
  NumberContent,
  OrderContent,
  MatchContent,
  AloudContent,
  OpinionContent,
  ScaleContent,
  WordsContent,
  CardContent,
]);
export type AnswerContent = v.InferOutput<typeof AnswerContent>;
export type ContentOf<Kind extends KindName> = Extract<AnswerContent, { kind: Kind }>;

/** A stored answer; only the kind that made it reads it. */
export type StoredAnswer = Record<string, unknown>;

/** The kind by name, seen through the one interface that all kinds share. */
export function kindOf(name: KindName): AnswerKind<AnswerContent, StoredAnswer> {
  return kinds[name] as unknown as AnswerKind<AnswerContent, StoredAnswer>;
}
