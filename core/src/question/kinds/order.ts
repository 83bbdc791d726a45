import * as v from 'valibot';
import { shuffledOrder } from '../../random/shuffle.ts';
import type { AnswerKind } from '../kind.ts';
import {
  blankOptions,
  idsAt,
  inOrder,
  lacksOfOptions,
  Marking,
  OptionList,
  optionViews,
  slotOf,
  textsInOrder,
  wordsOfOption,
  WireSlots,
} from './options.ts';

export const OrderContent = v.object({
  kind: v.literal('order'),
  /** In the right order: that order is the key. */
  options: OptionList,
  marking: Marking,
});
export type OrderContent = v.InferOutput<typeof OrderContent>;

export interface OrderAnswer {
  options: string[];
}

const ARROW = ' → ';

/** Put in order. Every layout is equally likely, the right one as well: what is laid out tells nothing. */
export const order: AnswerKind<OrderContent, OrderAnswer> = {
  content: OrderContent,
  given: 'handset',
  keyed: true,
  blank: (newId) => ({ kind: 'order', options: blankOptions(newId), marking: 'all' }),
  lacks: ({ options }) => lacksOfOptions(options),
  asWritten: ({ options }) => inOrder(options.length),
  layOut: ({ options }, random) => shuffledOrder(options.length, random),
  control: () => ({ type: 'order' }),
  options: ({ options }, layout) => optionViews(options, layout),
  read({ options }, layout, wire) {
    const parsed = v.safeParse(WireSlots, wire);
    const ids = parsed.success ? idsAt(options, layout, parsed.output.slots) : null;
    return ids?.length === options.length ? { options: ids } : null;
  },
  /** By pairs: the share of pairs in the right relation, (1 + Kendall's tau) / 2 (Kendall 1938). */
  mark({ options, marking }, answer) {
    const places = options.map((option) => answer.options.indexOf(option.id));
    let right = 0;
    let all = 0;
    for (let i = 0; i < places.length; i++)
      for (let j = i + 1; j < places.length; j++) {
        all++;
        if (places[i]! < places[j]!) right++;
      }
    return marking === 'pairs' ? right / all : right === all ? 1 : 0;
  },
  show({ options }, layout, answer) {
    const slots = answer.options.map((id) => slotOf(options, layout, id));
    return {
      slots,
      text: textsInOrder(
        options,
        slots.map((slot) => layout[slot]!),
      ).join(ARROW),
    };
  },
  key: ({ options }, layout) => ({
    slots: options.map((option) => slotOf(options, layout, option.id)),
    texts: [options.map(wordsOfOption).join(ARROW)],
  }),
  texts: ({ options }) => options.map(wordsOfOption),
};
