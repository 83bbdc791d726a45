import * as v from 'valibot';
import { line } from '../../text/schemas.ts';
import type { AnswerKind, Lack } from '../kind.ts';
import { foldText } from '../../text/fold.ts';
import { WireSlot } from './options.ts';

export const TrueFalseContent = v.object({
  kind: v.literal('truefalse'),
  /** Null until somebody says which. */
  key: v.nullable(v.boolean()),
  /** How the two are called, so that they may be "Yes" and "No" or stand in any language. */
  words: v.object({ true: line(40), false: line(40) }),
});
export type TrueFalseContent = v.InferOutput<typeof TrueFalseContent>;

export interface TrueFalseAnswer {
  value: boolean;
}

const slotOf = (value: boolean) => (value ? 0 : 1);
const wordOf = ({ words }: TrueFalseContent, value: boolean) => words[value ? 'true' : 'false'];

/** True or false: the two always stand in the same order. */
export const truefalse: AnswerKind<TrueFalseContent, TrueFalseAnswer> = {
  content: TrueFalseContent,
  given: 'handset',
  keyed: true,
  blank: () => ({ kind: 'truefalse', key: null, words: { true: 'True', false: 'False' } }),
  lacks({ key, words }) {
    const lacks: Lack[] = [];
    const [yes, no] = [foldText(words.true), foldText(words.false)];
    if (yes === '' || no === '') lacks.push('emptyOption');
    else if (yes === no) lacks.push('equalOptions');
    if (key === null) lacks.push('key');
    return lacks;
  },
  asWritten: () => [0, 1],
  layOut: () => [0, 1],
  control: () => ({ type: 'one' }),
  options: ({ words }) => [words.true, words.false].map((text) => ({ text, picture: null })),
  read(_content, _order, wire) {
    const parsed = v.safeParse(WireSlot, wire);
    return parsed.success && parsed.output.slot < 2 ? { value: parsed.output.slot === 0 } : null;
  },
  mark: ({ key }, { value }) => (value === key ? 1 : 0),
  show: (content, _order, { value }) => ({ slots: [slotOf(value)], text: wordOf(content, value) }),
  key: (content) =>
    content.key === null
      ? { slots: [], texts: [] }
      : { slots: [slotOf(content.key)], texts: [wordOf(content, content.key)] },
  texts: () => [],
};
