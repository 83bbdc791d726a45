import * as v from 'valibot';
import type { AnswerKind } from '../kind.ts';
import { aloud, AloudContent } from './aloud.ts';
import { choice, ChoiceContent } from './choice.ts';
import { text, TextContent } from './text.ts';

const kinds = { choice, text, aloud };

export type KindName = keyof typeof kinds;
export const kindNames = Object.keys(kinds) as KindName[];

/** The content of any kind, told apart by its `kind`. */
export const AnswerContent = v.variant('kind', [ChoiceContent, TextContent, AloudContent]);
export type AnswerContent = v.InferOutput<typeof AnswerContent>;

/** A stored answer; only the kind that made it reads it. */
export type StoredAnswer = Record<string, unknown>;

/** The kind by name, seen through the one interface that all kinds share. */
export function kindOf(name: KindName): AnswerKind<AnswerContent, StoredAnswer> {
  return kinds[name] as unknown as AnswerKind<AnswerContent, StoredAnswer>;
}
