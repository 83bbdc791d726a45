import type { AnswerContent } from '@distaff/core/question';
import fc from 'fast-check';
import { text } from './texts.ts';

const options = fc.array(fc.tuple(text(200), fc.boolean()), { minLength: 2, maxLength: 8 }).map((all) =>
  all.map(([own, seen], i) => ({
    id: `k${i}`,
    text: own,
    ...(seen && i % 3 === 0
      ? {
          picture: {
            file: 'p',
            width: 400,
            height: 300,
            alt: 'seen',
            credit: 'A. Nobody',
            licence: 'CC0 1.0' as const,
            focus: { x: 0.5, y: 0.5 },
            cutOf: null,
          },
        }
      : {}),
  })),
);
/** What is asked and how, of every kind, as long as it may be. */
export const answer: fc.Arbitrary<AnswerContent> = fc.oneof(
  {
    weight: 4,
    arbitrary: options.map((all): AnswerContent => ({ kind: 'choice', options: all, key: 'k1' })),
  },
  options.map((all): AnswerContent => ({ kind: 'many', options: all, keys: ['k0', 'k1'], marking: 'minus' })),
  fc
    .tuple(options, fc.constantFrom('one' as const, 'several' as const, 'ranked' as const))
    .map(([all, pick]): AnswerContent => ({ kind: 'opinion', options: all, pick })),
  fc
    .tuple(fc.integer({ min: 3, max: 11 }), fc.constantFrom(0 as const, 1 as const), text(40), text(40))
    .map(([steps, from, low, high]): AnswerContent => ({ kind: 'scale', steps, from, low, high })),
  fc.constant<AnswerContent>({ kind: 'words' }),
  options.map((all): AnswerContent => ({ kind: 'order', options: all, marking: 'pairs' })),
  fc.array(fc.tuple(text(80), text(80)), { minLength: 2, maxLength: 8 }).map((all): AnswerContent => ({
    kind: 'match',
    pairs: all.map(([left, right], i) => ({ id: `k${i}`, left, right })),
    extras: [],
    marking: 'pairs',
  })),
  fc.array(text(120), { minLength: 1, maxLength: 5 }).map((accepted): AnswerContent => ({
    kind: 'text',
    accepted,
    forgive: { case: true, accents: true, articles: true, slips: false },
  })),
  text(120).map((key): AnswerContent => ({ kind: 'aloud', key })),
);
