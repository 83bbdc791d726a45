import * as v from 'valibot';
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

export const OpinionContent = v.object({ kind: v.literal('opinion'), options: OptionList });
export type OpinionContent = v.InferOutput<typeof OpinionContent>;

export interface OpinionAnswer {
  option: string;
}

/** An opinion: no key, no score. Its options keep their order, since many are scales. */
export const opinion: AnswerKind<OpinionContent, OpinionAnswer> = {
  content: OpinionContent,
  given: 'handset',
  keyed: false,
  blank: (newId) => ({ kind: 'opinion', options: blankOptions(newId) }),
  lacks: ({ options }) => lacksOfOptions(options),
  asWritten: ({ options }) => inOrder(options.length),
  layOut: ({ options }) => inOrder(options.length),
  control: () => ({ type: 'one' }),
  options: ({ options }, layout) => optionViews(options, layout),
  read({ options }, layout, wire) {
    const parsed = v.safeParse(WireSlot, wire);
    const ids = parsed.success ? idsAt(options, layout, [parsed.output.slot]) : null;
    return ids && { option: ids[0]! };
  },
  mark: () => null,
  show: ({ options }, layout, { option }) => ({
    slots: [slotOf(options, layout, option)],
    text: wordsAt(options, option),
  }),
  key: () => ({ slots: [], texts: [] }),
  texts: ({ options }) => options.map(wordsOfOption),
};
