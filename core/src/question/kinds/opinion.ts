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
  textsInOrder,
  wordsOfOption,
  WireSlot,
  WireSlots,
} from './options.ts';

/** Whether people choose one option, several, or put all of them in an order of their own. */
export const picks = ['one', 'several', 'ranked'] as const;

export const OpinionContent = v.object({
  kind: v.literal('opinion'),
  options: OptionList,
  /** One where nothing is said. */
  pick: v.optional(v.picklist(picks)),
});
export type OpinionContent = v.InferOutput<typeof OpinionContent>;

/** One option, or several: ranked ones with the most liked first. */
export type OpinionAnswer = { option: string } | { options: string[] };

const controls = { one: 'one', several: 'many', ranked: 'order' } as const;

export const chosenIn = (answer: OpinionAnswer): string[] =>
  'option' in answer ? [answer.option] : answer.options;

/** An opinion: no key, no score. Its options keep their order, since many are scales. */
export const opinion: AnswerKind<OpinionContent, OpinionAnswer> = {
  content: OpinionContent,
  given: 'handset',
  keyed: false,
  blank: (newId) => ({ kind: 'opinion', options: blankOptions(newId) }),
  lacks: ({ options }) => lacksOfOptions(options),
  asWritten: ({ options }) => inOrder(options.length),
  layOut: ({ options }) => inOrder(options.length),
  control: ({ pick = 'one' }) => ({ type: controls[pick] }),
  options: ({ options }, layout) => optionViews(options, layout),
  read({ options, pick = 'one' }, layout, wire) {
    if (pick === 'one') {
      const parsed = v.safeParse(WireSlot, wire);
      const ids = parsed.success ? idsAt(options, layout, [parsed.output.slot]) : null;
      return ids && { option: ids[0]! };
    }
    const parsed = v.safeParse(WireSlots, wire);
    const ids = parsed.success ? idsAt(options, layout, parsed.output.slots) : null;
    return ids && (pick === 'several' || ids.length === options.length) ? { options: ids } : null;
  },
  mark: () => null,
  show({ options, pick }, layout, answer) {
    const slots = chosenIn(answer).map((id) => slotOf(options, layout, id));
    if (pick !== 'ranked') slots.sort((a, b) => a - b);
    const texts = textsInOrder(
      options,
      slots.map((slot) => layout[slot]!),
    );
    return { slots, text: texts.join(pick === 'ranked' ? ' → ' : ', ') };
  },
  key: () => ({ slots: [], texts: [] }),
  texts: ({ options }) => options.map(wordsOfOption),
};
