import { expect, test } from '@jest/globals';
import { blankQuestion } from '../question/question.ts';
import { overwrites } from './overwrites.ts';
import type { Question } from '../question/question.ts';

const asked = (prompt: string, options: string[] = ['ebb', 'flood', 'slack', 'spring']): Question => ({
  ...blankQuestion(() => 'q'),
  prompt,
  answer: { kind: 'choice', options: options.map((text, i) => ({ id: `k${i}`, text })), key: 'k0' },
});

test.each<[string, Question, Question, boolean]>([
  ['typed on', asked('Which way does'), asked('Which way does the water run at ebb?'), false],
  ['a word mended', asked('Which way does the watre run?'), asked('Which way does the water run?'), false],
  ['begun anew', asked('Which way does the water run?'), asked('N'), true],
  ['going on after that', asked('N'), asked('Name a knot'), false],
  ['all options others', asked('Which?'), asked('Which?', ['hitch', 'bend', 'splice', 'lashing']), true],
  [
    'one option another',
    asked('Which of these?'),
    asked('Which of these?', ['ebb', 'flood', 'slack', 'neap']),
    false,
  ],
  ['marks alone', asked('Which **way** is it?'), asked('Which way is *it*?'), false],
])('%s', (_, before, after, expected) => expect(overwrites(before, after)).toBe(expected));
