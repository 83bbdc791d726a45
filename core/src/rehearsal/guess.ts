import type { Question } from '../question/question.ts';
import { toleranceOf } from '../question/kinds/number.ts';
import { rightsOf } from '../question/kinds/match.ts';
import { shuffledOrder, type Random } from '../random/shuffle.ts';

/** An answer as a handset sends it. */
export type Wire = { slot: number } | { step: number } | { slots: (number | null)[] } | { text: string };

const pick = <T>(list: readonly T[], random: Random): T => list[Math.floor(random() * list.length)]!;
/** Where the thing that the author wrote at `index` stands in an order. */
const slotIn = (order: readonly number[], index: number) => order.indexOf(index);

/** A wrong option: of those that are left, more often the first that the author thought of. */
function wrongOption(indexes: readonly number[], random: Random): number {
  return indexes[Math.floor(random() ** 1.5 * indexes.length)]!;
}
const swapped = <T>(list: readonly T[], i: number, j: number): T[] =>
  list.map((one, k) => (k === i ? list[j]! : k === j ? list[i]! : one));

/** What stand-ins say where anything may be said. */
const ownWords = [
  'More of this',
  'more of this!',
  'Less talk',
  'A longer break',
  'Nothing',
  'The cold',
  'It was fine',
];

/** A word as it is misspelt by somebody who does not know it: another one, or none like it. */
function wrongText(accepted: readonly string[], random: Random): string {
  const words = ['no idea', 'something else', 'the other one', 'pass'];
  const folded = accepted.map((one) => one.toLowerCase());
  return pick(
    words.filter((one) => !folded.includes(one)),
    random,
  );
}

/**
 * What somebody would answer who knows it, or who does not, as typical for the kind: a wrong option,
 * one of several left out or too many, two neighbours in the wrong order, a number off by a part.
 * `order` is how things are laid out for that person; `ruledOut` are places that cannot be picked
 * again. Null where nothing can be sent.
 */
export function guess(
  { answer }: Question,
  order: readonly number[],
  right: boolean,
  random: Random,
  ruledOut: readonly number[] = [],
): Wire | null {
  switch (answer.kind) {
    case 'choice': {
      const key = answer.options.findIndex((one) => one.id === answer.key);
      const others = answer.options
        .map((_, i) => i)
        .filter((i) => i !== key && !ruledOut.includes(slotIn(order, i)));
      const index = right || others.length === 0 ? key : wrongOption(others, random);
      return { slot: slotIn(order, index) };
    }
    case 'truefalse':
      return { slot: answer.key === right ? 0 : 1 };
    case 'opinion': {
      const all = shuffledOrder(answer.options.length, random);
      if (answer.pick === 'ranked') return { slots: all };
      if (answer.pick === 'several') return { slots: all.slice(0, 1 + Math.floor(random() * 2)) };
      return { slot: all[0]! };
    }
    case 'scale':
      // Most people choose somewhere above the middle.
      return { step: Math.floor(((random() + random() + 0.4) / 2.4) * answer.steps) };
    case 'words':
      return { text: pick(ownWords, random) };
    case 'many': {
      const keys = answer.options.map((one, i) => ({ i, key: answer.keys.includes(one.id) }));
      const chosen = keys.filter((one) => one.key).map((one) => one.i);
      const rest = keys.filter((one) => !one.key).map((one) => one.i);
      const slots = (list: readonly number[]) => ({ slots: list.map((i) => slotIn(order, i)) });
      if (right) return slots(chosen);
      if (rest.length > 0 && (chosen.length < 2 || random() < 0.5))
        return slots([...chosen.slice(1), pick(rest, random)]);
      return slots(chosen.slice(1));
    }
    case 'order': {
      const slots = answer.options.map((_, i) => slotIn(order, i));
      if (right) return { slots };
      const i = Math.floor(random() * (slots.length - 1));
      return { slots: swapped(slots, i, i + 1) };
    }
    case 'match': {
      const rights = rightsOf(answer).map((one) => one.id);
      const slots = answer.pairs.map((pair) => slotIn(order, rights.indexOf(pair.id)));
      if (right) return { slots };
      const i = Math.floor(random() * (slots.length - 1));
      return { slots: swapped(slots, i, i + 1) };
    }
    case 'text':
      return {
        text: right
          ? (answer.accepted.find((one) => one.trim() !== '') ?? '')
          : wrongText(answer.accepted, random),
      };
    case 'number': {
      const key = answer.key ?? 0;
      const off = Math.max(1, Math.abs(key) * 0.15, toleranceOf(answer) * 2) * (1 + random());
      return { text: `${right ? key : Math.round((key + (random() < 0.5 ? off : -off)) * 100) / 100}` };
    }
    case 'aloud':
    case 'card':
      return null;
  }
}
