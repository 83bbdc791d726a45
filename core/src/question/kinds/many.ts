import * as v from 'valibot';
import { shuffledOrder } from '../../random/shuffle.ts';
import { Id } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';
import {
  blankOptions,
  idsAt,
  inOrder,
  lacksOfOptions,
  MAX_OPTIONS,
  OptionList,
  optionViews,
  slotOf,
  textsInOrder,
  wordsOfOption,
  WireSlots,
} from './options.ts';

export const ManyContent = v.object({
  kind: v.literal('many'),
  options: OptionList,
  /** Ids of the right options; empty until somebody says which. */
  keys: v.pipe(v.array(Id), v.maxLength(MAX_OPTIONS)),
  /** All or nothing, or the right ones less the wrong ones, not below zero. */
  marking: v.picklist(['all', 'minus']),
});
export type ManyContent = v.InferOutput<typeof ManyContent>;

export interface ManyAnswer {
  options: string[];
}

const rightOnes = ({ options, keys }: ManyContent): string[] =>
  options.map((option) => option.id).filter((id) => keys.includes(id));

/** Several of several: any number of options may be right. */
export const many: AnswerKind<ManyContent, ManyAnswer> = {
  content: ManyContent,
  given: 'handset',
  keyed: true,
  blank: (newId) => ({ kind: 'many', options: blankOptions(newId), keys: [], marking: 'all' }),
  lacks: (content) => [
    ...lacksOfOptions(content.options),
    ...(rightOnes(content).length > 0 ? [] : (['key'] as const)),
  ],
  asWritten: ({ options }) => inOrder(options.length),
  layOut: ({ options }, random, shuffle) =>
    shuffle ? shuffledOrder(options.length, random) : inOrder(options.length),
  control: () => ({ type: 'many' }),
  options: ({ options }, order) => optionViews(options, order),
  read({ options }, order, wire) {
    const parsed = v.safeParse(WireSlots, wire);
    const ids = parsed.success ? idsAt(options, order, parsed.output.slots) : null;
    return ids && { options: ids };
  },
  mark(content, answer) {
    const keys = rightOnes(content);
    const hits = answer.options.filter((id) => keys.includes(id)).length;
    const misses = answer.options.length - hits;
    if (content.marking === 'all') return hits === keys.length && misses === 0 ? 1 : 0;
    return Math.max(0, hits - misses) / keys.length;
  },
  show({ options }, order, answer) {
    const slots = answer.options.map((id) => slotOf(options, order, id)).sort((a, b) => a - b);
    return {
      slots,
      text: textsInOrder(
        options,
        slots.map((slot) => order[slot]!),
      ).join(', '),
    };
  },
  key(content, order) {
    const slots = rightOnes(content)
      .map((id) => slotOf(content.options, order, id))
      .sort((a, b) => a - b);
    return {
      slots,
      texts: textsInOrder(
        content.options,
        slots.map((slot) => order[slot]!),
      ),
    };
  },
  texts: ({ options }) => options.map(wordsOfOption),
};
