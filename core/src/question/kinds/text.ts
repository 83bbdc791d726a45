import * as v from 'valibot';
import { foldText } from '../../text/fold.ts';
import { matchText } from '../../text/match.ts';
import { line } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';

export const MAX_ACCEPTED = 20;

export const TextContent = v.object({
  kind: v.literal('text'),
  /** Accepted spellings; the first is the one shown as the key. */
  accepted: v.pipe(
    v.array(line(120)),
    v.maxLength(MAX_ACCEPTED, `At most ${MAX_ACCEPTED} accepted answers.`),
  ),
  /** What does not matter in an answer. */
  forgive: v.optional(
    v.object({ case: v.boolean(), accents: v.boolean(), articles: v.boolean(), slips: v.boolean() }),
    { case: true, accents: true, articles: false, slips: false },
  ),
});
export type TextContent = v.InferOutput<typeof TextContent>;

export interface TextAnswer {
  text: string;
}

const Wire = v.object({ text: v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(120)) });

const written = (content: TextContent) => content.accepted.filter((variant) => variant.trim() !== '');

/** Typed text: right if it says the same as an accepted spelling, but for what is forgiven. */
export const text: AnswerKind<TextContent, TextAnswer> = {
  content: TextContent,
  given: 'handset',
  keyed: true,
  blank: () => ({
    kind: 'text',
    accepted: [],
    forgive: { case: true, accents: true, articles: true, slips: true },
  }),
  lacks: (content) => (content.accepted.some((variant) => foldText(variant) !== '') ? [] : ['key']),
  asWritten: () => [],
  layOut: () => [],
  control: () => ({ type: 'text' }),
  options: () => [],
  read(_content, _order, wire) {
    const parsed = v.safeParse(Wire, wire);
    return parsed.success ? { text: parsed.output.text } : null;
  },
  mark: (content, answer) => (matchText(answer.text, content.accepted, content.forgive).accepted ? 1 : 0),
  show: (_content, _order, answer) => ({ slots: [], text: answer.text }),
  key: (content) => ({ slots: [], texts: written(content) }),
  texts: written,
};
