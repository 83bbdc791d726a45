import * as v from 'valibot';
import { shuffledOrder } from '../../random/shuffle.ts';
import { foldText } from '../../text/fold.ts';
import { Picture, pictureView } from '../../media/media.ts';
import { Id, line } from '../../text/schemas.ts';
import type { AnswerKind, Lack } from '../kind.ts';
import {
  inOrder,
  Marking,
  MAX_OPTIONS,
  MIN_OPTIONS,
  Option,
  optionViews,
  slotOf,
  WireMaybeSlots,
  wordsOfOption,
} from './options.ts';

export const Pair = v.object({
  id: Id,
  left: line(120),
  /** On the left, beside its words or in place of them. */
  picture: v.optional(v.nullable(Picture)),
  right: line(120),
});
export type Pair = v.InferOutput<typeof Pair>;

export const MatchContent = v.pipe(
  v.object({
    kind: v.literal('match'),
    pairs: v.pipe(
      v.array(Pair),
      v.minLength(MIN_OPTIONS, `At least ${MIN_OPTIONS} pairs.`),
      v.maxLength(MAX_OPTIONS, `At most ${MAX_OPTIONS} pairs.`),
    ),
    /** Right ones that belong to no left one. */
    extras: v.array(Option),
    marking: Marking,
  }),
  v.check(
    ({ pairs, extras }) => pairs.length + extras.length <= MAX_OPTIONS,
    `At most ${MAX_OPTIONS} on the right, those without a partner included.`,
  ),
);
export type MatchContent = v.InferOutput<typeof MatchContent>;

export interface MatchAnswer {
  /** The id of the right one chosen for each left one, in the author's order; null for none. */
  rights: (string | null)[];
}

/** All that stands on the right: the partner of each pair goes by the id of its pair. */
export const rightsOf = ({ pairs, extras }: MatchContent): Option[] => [
  ...pairs.map(({ id, right }) => ({ id, text: right })),
  ...extras,
];
const leftOf = ({ left, picture }: Pair): string => wordsOfOption({ text: left, picture });
const BETWEEN = ' – ';

/** Match pairs: the left ones stand, the right ones are laid out in another order. */
export const match: AnswerKind<MatchContent, MatchAnswer> = {
  content: MatchContent,
  given: 'handset',
  keyed: true,
  blank: (newId) => ({
    kind: 'match',
    pairs: Array.from({ length: 4 }, () => ({ id: newId(), left: '', right: '' })),
    extras: [],
    marking: 'all',
  }),
  lacks({ pairs, extras }) {
    const lacks: Lack[] = [];
    const lefts = pairs.map((pair) => foldText(leftOf(pair)));
    const rights = [...pairs.map((pair) => foldText(pair.right)), ...extras.map((one) => foldText(one.text))];
    if ([...lefts, ...rights].includes('')) lacks.push('emptyPair');
    const written = lefts.filter((left) => left !== '');
    if (new Set(written).size < written.length) lacks.push('equalOptions');
    return lacks;
  },
  asWritten: (content) => inOrder(rightsOf(content).length),
  layOut: (content, random) => shuffledOrder(rightsOf(content).length, random),
  control: ({ pairs }) => ({
    type: 'match',
    left: pairs.map(({ left, picture }) => ({ text: left, picture: pictureView(picture) })),
  }),
  options: (content, layout) => optionViews(rightsOf(content), layout),
  read(content, layout, wire) {
    const parsed = v.safeParse(WireMaybeSlots, wire);
    if (!parsed.success || parsed.output.slots.length !== content.pairs.length) return null;
    const rights = rightsOf(content);
    const chosen = parsed.output.slots.filter((slot) => slot !== null);
    if (chosen.length === 0 || new Set(chosen).size < chosen.length) return null;
    if (chosen.some((slot) => slot >= rights.length)) return null;
    return {
      rights: parsed.output.slots.map((slot) => (slot === null ? null : rights[layout[slot]!]!.id)),
    };
  },
  mark(content, answer) {
    const rights = rightsOf(content);
    const textOf = (id: string | null) => rights.find((one) => one.id === id)?.text ?? '';
    // Two right ones that read alike are the same to everybody.
    const hits = content.pairs.filter(
      (pair, i) => answer.rights[i] !== null && foldText(textOf(answer.rights[i]!)) === foldText(pair.right),
    ).length;
    const share = hits / content.pairs.length;
    return content.marking === 'pairs' ? share : share === 1 ? 1 : 0;
  },
  show(content, layout, answer) {
    const rights = rightsOf(content);
    return {
      slots: answer.rights.map((id) => slotOf(rights, layout, id)),
      text: content.pairs
        .map(
          (pair, i) =>
            `${leftOf(pair)}${BETWEEN}${rights.find((one) => one.id === answer.rights[i])?.text ?? '…'}`,
        )
        .join('; '),
    };
  },
  key(content, layout) {
    const rights = rightsOf(content);
    return {
      slots: content.pairs.map((pair) => slotOf(rights, layout, pair.id)),
      texts: [content.pairs.map((pair) => `${leftOf(pair)}${BETWEEN}${pair.right}`).join('; ')],
    };
  },
  texts: (content) => [...content.pairs.map(leftOf), ...rightsOf(content).map((one) => one.text)],
};
