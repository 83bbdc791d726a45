import type * as v from 'valibot';
import type { Random } from '../random/shuffle.ts';

export type Verdict = 'right' | 'wrong';

/** What a question still lacks before it may be played; the words belong to the interface. */
export type Lack = 'prompt' | 'options' | 'emptyOption' | 'equalOptions' | 'key';

/** An answer as an audience may see it: the place of the option on the screen, if any, and a text. */
export interface AnswerView {
  slot: number | null;
  text: string;
}

/** The key as it is shown: the places of the right options, and the right answer in words. */
export interface KeyView {
  slots: number[];
  texts: string[];
}

/**
 * One way of answering. Adding a kind is adding one file with an object of this shape.
 *
 * `order` is the order in which options were laid out for this question: `order[slot]` is the
 * index in the author's list. Audiences know slots only, so neither ids nor the author's order
 * can give the key away.
 */
export interface AnswerKind<Content, Answer> {
  readonly content: v.GenericSchema<unknown, Content>;
  /** The answer as it comes from a handset. */
  readonly wire: v.GenericSchema<unknown, unknown>;
  /** Whether a handset answers it; otherwise it is said aloud and the host rules. */
  readonly onHandset: boolean;
  /** A new content, without a key: there is never a silent one. `newId` makes ids for its parts. */
  blank(newId: () => string): Content;
  lacks(content: Content): Lack[];
  layOut(content: Content, random: Random | null): number[];
  options(content: Content, order: readonly number[]): string[];
  /** Turns a wire answer into a stored one, or null where it means nothing for this question. */
  read(content: Content, order: readonly number[], wire: unknown): Answer | null;
  mark(content: Content, answer: Answer): Verdict;
  show(content: Content, order: readonly number[], answer: Answer): AnswerView;
  key(content: Content, order: readonly number[]): KeyView;
}
