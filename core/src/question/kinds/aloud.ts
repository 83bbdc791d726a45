import * as v from 'valibot';
import { line } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';

export const AloudContent = v.object({
  kind: v.literal('aloud'),
  /** What the host listens for. */
  key: line(200),
});
export type AloudContent = v.InferOutput<typeof AloudContent>;

/** Said aloud: no device answers, the host hears it and rules. */
export const aloud: AnswerKind<AloudContent, never> = {
  content: AloudContent,
  given: 'aloud',
  keyed: true,
  blank: () => ({ kind: 'aloud', key: '' }),
  lacks: (content) => (content.key.trim() === '' ? ['key'] : []),
  asWritten: () => [],
  layOut: () => [],
  control: () => ({ type: 'none' }),
  options: () => [],
  read: () => null,
  mark: () => null,
  show: () => ({ slots: [], text: '' }),
  key: (content) => ({ slots: [], texts: content.key.trim() === '' ? [] : [content.key] }),
  texts: (content) => [content.key],
};
