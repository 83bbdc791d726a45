import type * as v from 'valibot';
import type { PictureView } from '../media/media.ts';
import type { Random } from '../random/shuffle.ts';

export type Verdict = 'right' | 'part' | 'wrong';

/** What a share of the marks (0 … 1) is called. */
export const verdictOf = (share: number): Verdict => (share >= 1 ? 'right' : share > 0 ? 'part' : 'wrong');

/** What a question still lacks before it may be played; the words belong to the interface. */
export type Lack = 'prompt' | 'emptyOption' | 'equalOptions' | 'key' | 'emptyPair';

/** An answer as an audience may see it: the places on the screen that it names, if any, and a text. */
export interface AnswerView {
  slots: number[];
  text: string;
}

/**
 * The key as it is shown. `slots` are the places of the right options; for things to be put in
 * order, their places in the right order; for pairs, the place of the right one for each left one.
 */
export interface KeyView {
  slots: number[];
  texts: string[];
}

/** A thing to choose, to order or to match, as audiences may see it. */
export interface OptionView {
  text: string;
  picture: PictureView | null;
}

/** What a handset needs in order to answer. Holds nothing of the key. */
export type Control =
  | { type: 'one' }
  | { type: 'many' }
  | { type: 'order' }
  | { type: 'match'; left: OptionView[] }
  | { type: 'text' }
  | { type: 'number'; unit: string }
  /** So many steps, the first called `from`; what the ends mean, where that is written. */
  | { type: 'scale'; steps: number; from: number; low: string; high: string }
  /** Own words, at most so many letters. */
  | { type: 'words'; most: number }
  | { type: 'none' };

/**
 * One way of answering. Adding a kind is adding one file with an object of this shape.
 *
 * `order` is the order in which things were laid out for this question: `order[slot]` is the
 * index in the author's list. Audiences know slots only, so neither ids nor the author's order
 * can give the key away.
 */
export interface AnswerKind<Content, Answer> {
  readonly content: v.GenericSchema<unknown, Content>;
  /** Where the answer is given: on a handset, aloud for the host to rule on, or not at all. */
  readonly given: 'handset' | 'aloud' | 'nowhere';
  /** Whether an answer can be right or wrong at all. */
  readonly keyed: boolean;
  /** A new content, without a key: there is never a silent one. `newId` makes ids for its parts. */
  blank(newId: () => string): Content;
  lacks(content: Content): Lack[];
  /** The author's own order, for the host's eyes. */
  asWritten(content: Content): number[];
  /** The order for an audience. `shuffle` is the round's wish; where the author's order is the key it is never shown. */
  layOut(content: Content, random: Random, shuffle: boolean): number[];
  control(content: Content): Control;
  options(content: Content, order: readonly number[]): OptionView[];
  /** Turns an answer from a handset into a stored one, or null where it means nothing for this question. */
  read(content: Content, order: readonly number[], wire: unknown): Answer | null;
  /**
   * The share of the marks, 0 … 1; null where only the host can say. `among` are all answers given
   * together with this one: only a kind that compares them looks there.
   */
  mark(content: Content, answer: Answer, among: readonly Answer[]): number | null;
  show(content: Content, order: readonly number[], answer: Answer): AnswerView;
  key(content: Content, order: readonly number[]): KeyView;
  /** All that the author wrote, key and wrong options alike: for searching and comparing. */
  texts(content: Content): string[];
}
