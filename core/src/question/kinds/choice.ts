import * as v from 'valibot';
import { shuffledOrder } from '../../random/shuffle.ts';
import { Id } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';
import {
  blankOptions,
  idsAt,
  inOrder,
  lacksOfOptions,
  OptionList,
  optionViews,
  slotOf,
  wordsAt,
  wordsOfOption,
  WireSlot,
} from './options.ts';

export const ChoiceContent = v.object({
  kind: v.literal('choice'),
  options: OptionList,
  /** The id of the right option; null until somebody says which. */
  key: v.nullable(Id),
});
export type ChoiceContent = v.InferOutput<typeof ChoiceContent>;

export interface ChoiceAnswer {
  option: string;
}

/** One of several: exactly one option is right. */
export const choice: AnswerKind<ChoiceContent, ChoiceAnswer> = {
  content: ChoiceContent,
  given: 'handset',
  keyed: true,
  blank: (newId) => ({ kind: 'choice', options: blankOptions(newId), key: null }),
  lacks: ({ options, key }) => [
    ...lacksOfOptions(options),
    ...(options.some((option) => option.id === key) ? [] : (['key'] as const)),
  ],
  asWritten: ({ options }) => inOrder(options.length),
  layOut: ({ options }, random, shuffle) =>
    shuffle ? shuffledOrder(options.length, random) : inOrder(options.length),
  control: () => ({ type: 'one' }),
  options: ({ options }, order) => optionViews(options, order),
  read({ options }, order, wire) {
    const parsed = v.safeParse(WireSlot, wire);
    const ids = parsed.success ? idsAt(options, order, [parsed.output.slot]) : null;
    return ids && { option: ids[0]! };
  },
  mark: ({ key }, { option }) => (option === key ? 1 : 0),
  show: ({ options }, order, { option }) => ({
    slots: [slotOf(options, order, option)],
    text: wordsAt(options, option),
  }),
  key: ({ options, key }, order) => ({
    slots: [slotOf(options, order, key)],
    texts: [wordsAt(options, key)],
  }),
  texts: ({ options }) => options.map(wordsOfOption),
};
