import * as v from 'valibot';
import { shuffledOrder } from '../../random/shuffle.ts';
import { foldText } from '../../text/fold.ts';
import { Id, line, whole } from '../../text/schemas.ts';
import type { AnswerKind, Lack } from '../kind.ts';

export const MIN_OPTIONS = 2;
export const MAX_OPTIONS = 8;

export const ChoiceContent = v.object({
  kind: v.literal('choice'),
  options: v.pipe(
    v.array(v.object({ id: Id, text: line(160) })),
    v.minLength(MIN_OPTIONS, `At least ${MIN_OPTIONS} options.`),
    v.maxLength(MAX_OPTIONS, `At most ${MAX_OPTIONS} options.`),
  ),
  /** The id of the right option; null until somebody says which. */
  key: v.nullable(Id),
});
export type ChoiceContent = v.InferOutput<typeof ChoiceContent>;

export interface ChoiceAnswer {
  option: string;
}

const Wire = v.object({ slot: whole(0, MAX_OPTIONS - 1) });

/** One of several: exactly one option is right. */
export const choice: AnswerKind<ChoiceContent, ChoiceAnswer> = {
  content: ChoiceContent,
  wire: Wire,
  onHandset: true,
  blank: (newId) => ({
    kind: 'choice',
    options: Array.from({ length: 4 }, () => ({ id: newId(), text: '' })),
    key: null,
  }),
  lacks(content) {
    const lacks: Lack[] = [];
    const texts = content.options.map((option) => foldText(option.text));
    if (texts.includes('')) lacks.push('emptyOption');
    const written = texts.filter((text) => text !== '');
    if (new Set(written).size < written.length) lacks.push('equalOptions');
    if (!content.options.some((option) => option.id === content.key)) lacks.push('key');
    return lacks;
  },
  layOut: (content, random) =>
    random ? shuffledOrder(content.options.length, random) : content.options.map((_, i) => i),
  options: (content, order) => order.map((i) => content.options[i]!.text),
  read(content, order, wire) {
    const parsed = v.safeParse(Wire, wire);
    const option = parsed.success ? content.options[order[parsed.output.slot] ?? -1] : undefined;
    return option ? { option: option.id } : null;
  },
  mark: (content, answer) => (answer.option === content.key ? 'right' : 'wrong'),
  show(content, order, answer) {
    const index = content.options.findIndex((option) => option.id === answer.option);
    return { slot: order.indexOf(index), text: content.options[index]?.text ?? '' };
  },
  key(content, order) {
    const index = content.options.findIndex((option) => option.id === content.key);
    return { slots: [order.indexOf(index)], texts: [content.options[index]?.text ?? ''] };
  },
};
