import * as v from 'valibot';

import { foldText } from '../../text/fold.ts';
import { Picture, pictureView } from '../../media/media.ts';
import { Id, line } from '../../text/schemas.ts';
import type { Lack, OptionView } from '../kind.ts';

export const MIN_OPTIONS = 2;
export const MAX_OPTIONS = 8;

/** One thing to choose, to put in order or to judge: words, a picture, or both. */
export const Option = v.object({ id: Id, text: line(200), picture: v.optional(v.nullable(Picture)) });
export type Option = v.InferOutput<typeof Option>;

interface Worded {
  text: string;
  picture?: { alt: string } | null | undefined;
}

/** An option in words: where only a picture stands, what is said of the picture. */
export const wordsOfOption = ({ text, picture }: Worded): string =>
  text.trim() === '' ? (picture?.alt ?? '') : text;

export const OptionList = v.pipe(
  v.array(Option),
  v.minLength(MIN_OPTIONS, `At least ${MIN_OPTIONS} options.`),
  v.maxLength(MAX_OPTIONS, `At most ${MAX_OPTIONS} options.`),
);

export const blankOptions = (newId: () => string, count = 4): Option[] =>
  Array.from({ length: count }, () => ({ id: newId(), text: '' }));

/** Empty or equal options; equal is what folds alike. */
export function lacksOfOptions(options: readonly Option[]): Lack[] {
  const lacks: Lack[] = [];
  const texts = options.map((option) => foldText(wordsOfOption(option)));
  if (texts.includes('')) lacks.push('emptyOption');
  const written = texts.filter((text) => text !== '');
  if (new Set(written).size < written.length) lacks.push('equalOptions');
  return lacks;
}

/** 0, 1, 2, … */
export const inOrder = (count: number): number[] => Array.from({ length: count }, (_, i) => i);

export const textsInOrder = (options: readonly Option[], order: readonly number[]): string[] =>
  order.map((i) => (options[i] ? wordsOfOption(options[i]) : ''));

/** The words of the option with this id; empty for none. */
export function wordsAt(options: readonly Option[], id: string | null): string {
  const option = options.find((one) => one.id === id);
  return option ? wordsOfOption(option) : '';
}

export const optionViews = (options: readonly Option[], order: readonly number[]): OptionView[] =>
  order.map((i) => ({ text: options[i]?.text ?? '', picture: pictureView(options[i]?.picture) }));

/** The slot in which the option with this id stands, or -1. */
export const slotOf = (options: readonly Option[], order: readonly number[], id: string | null): number =>
  order.indexOf(options.findIndex((option) => option.id === id));

/** Ids of the options in these slots; null where a slot does not exist or comes twice. */
export function idsAt(
  options: readonly Option[],
  order: readonly number[],
  slots: readonly number[],
): string[] | null {
  if (new Set(slots).size < slots.length) return null;
  const ids = slots.map((slot) => options[order[slot] ?? -1]?.id);
  return ids.every((id) => id !== undefined) ? ids : null;
}

const Slot = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(MAX_OPTIONS - 1));
export const WireSlot = v.object({ slot: Slot });
export const WireSlots = v.object({ slots: v.pipe(v.array(Slot), v.minLength(1), v.maxLength(MAX_OPTIONS)) });
export const WireMaybeSlots = v.object({
  slots: v.pipe(v.array(v.nullable(Slot)), v.minLength(1), v.maxLength(MAX_OPTIONS)),
});

/** Marks for an order: all or nothing, or the share of pairs that stand in the right relation. */
export const Marking = v.picklist(['all', 'pairs']);
