import * as v from 'valibot';
import { line } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';

export const AloudContent = v.object({
  kind: v.literal('aloud'),
  /** What the host listens for. */
  key: line(160),
});
export type AloudContent = v.InferOutput<typeof AloudContent>;

/** Said aloud: no device answers, the host hears it and rules. */
export const aloud: AnswerKind<AloudContent, never> = {
  content: AloudContent,
  wire: v.never(),
  onHandset: false,
  blank: () => ({ kind: 'aloud', key: '' }),
  lacks: (content) => (content.key.trim() === '' ? ['key'] : []),
  layOut: () => [],
  options: () => [],
  read: () => null,
  mark: () => 'wrong',
  show: () => ({ slot: null, text: '' }),
  key: (content) => ({ slots: [], texts: [content.key] }),
};
