import * as v from 'valibot';
import type { AnswerKind } from '../kind.ts';

export const CardContent = v.object({ kind: v.literal('card') });
export type CardContent = v.InferOutput<typeof CardContent>;

/** An information card: shown and read, not answered. */
export const card: AnswerKind<CardContent, never> = {
  content: CardContent,
  given: 'nowhere',
  keyed: false,
  blank: () => ({ kind: 'card' }),
  lacks: () => [],
  asWritten: () => [],
  layOut: () => [],
  control: () => ({ type: 'none' }),
  options: () => [],
  read: () => null,
  mark: () => null,
  show: () => ({ slots: [], text: '' }),
  key: () => ({ slots: [], texts: [] }),
  texts: () => [],
};
