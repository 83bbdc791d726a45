import * as v from 'valibot';
import { oneLine } from '../../text/oneLine.ts';
import type { AnswerKind } from '../kind.ts';

/** The longest answer in own words. */
export const MOST_LETTERS = 120;

export const WordsContent = v.object({ kind: v.literal('words') });
export type WordsContent = v.InferOutput<typeof WordsContent>;

export interface WordsAnswer {
  text: string;
}

const Wire = v.object({
  text: v.pipe(v.string(), v.transform(oneLine), v.trim(), v.minLength(1), v.maxLength(MOST_LETTERS)),
});

/** An answer in own words that is neither right nor wrong. */
export const words: AnswerKind<WordsContent, WordsAnswer> = {
  content: WordsContent,
  given: 'handset',
  keyed: false,
  blank: () => ({ kind: 'words' }),
  lacks: () => [],
  asWritten: () => [],
  layOut: () => [],
  control: () => ({ type: 'words', most: MOST_LETTERS }),
  options: () => [],
  read(_content, _layout, wire) {
    const parsed = v.safeParse(Wire, wire);
    return parsed.success ? parsed.output : null;
  },
  mark: () => null,
  show: (_content, _layout, { text }) => ({ slots: [], text }),
  key: () => ({ slots: [], texts: [] }),
  texts: () => [],
};
