import * as v from 'valibot';
import { foldText } from '../../text/fold.ts';
import { line } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';

export const TextContent = v.object({
  kind: v.literal('text'),
  /** Accepted spellings; the first is the one shown as the key. */
  accepted: v.pipe(v.array(line(120)), v.maxLength(20, 'At most 20 accepted answers.')),
});
export type TextContent = v.InferOutput<typeof TextContent>;

export interface TextAnswer {
  text: string;
}

const Wire = v.object({ text: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(120)) });

/** Typed text: right if it folds to the same as an accepted variant (case, accents, spaces forgiven). */
export const text: AnswerKind<TextContent, TextAnswer> = {
  content: TextContent,
  wire: Wire,
  onHandset: true,
  blank: () => ({ kind: 'text', accepted: [] }),
  lacks: (content) => (content.accepted.some((variant) => foldText(variant) !== '') ? [] : ['key']),
  layOut: () => [],
  options: () => [],
  read(_content, _order, wire) {
    const parsed = v.safeParse(Wire, wire);
    return parsed.success ? { text: parsed.output.text } : null;
  },
  mark(content, answer) {
    const given = foldText(answer.text);
    const right = content.accepted.some((variant) => variant.trim() !== '' && foldText(variant) === given);
    return right ? 'right' : 'wrong';
  },
  show: (_content, _order, answer) => ({ slot: null, text: answer.text }),
  key: (content) => ({ slots: [], texts: content.accepted.filter((variant) => variant.trim() !== '') }),
};
