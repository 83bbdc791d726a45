import { describe, expect, test } from '@jest/globals';
import type { PublicQuestion } from '@distaff/core/sitting';
import { keyInWords } from './keyInWords.ts';

const options = [
  { text: 'A hare', picture: null },
  { text: ' ', picture: { alt: 'A fox asleep' } },
] as PublicQuestion['options'];
const key = (slots: number[], texts: string[] = []) =>
  ({ slots, texts, picture: null, explanation: '' }) as unknown as PublicQuestion['key'];

describe('the key in words', () => {
  test.each([
    ['nothing while it is not shown', null, options, ''],
    ['an option', key([0]), options, 'A hare'],
    ['a picture alone, by what is said of it', key([1]), options, 'A fox asleep'],
    ['several', key([0, 1]), options, 'A hare, A fox asleep'],
    ['the first spelling of a text', key([], ['colour', 'color']), null, 'colour'],
    ['an option that is not laid out', key([5]), options, ''],
  ])('%s', (_, shown, laidOut, words) => {
    expect(keyInWords({ key: shown, options: laidOut })).toBe(words);
  });
});
