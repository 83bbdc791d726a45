import { expect, test } from '@jest/globals';
import { say } from '../test/inApp.ts';
import { told } from './told.ts';

test.each([
  [
    'a sentence with what stands in it',
    { says: 'nameTaken', given: { name: 'Ansa' } },
    'someone called Ansa',
  ],
  ['one that only the studio has', { says: 'noSet' }, say('refusals.noSet')],
  ['what exactly is wrong', { says: 'unreadableInput', detail: 'Not below 3.' }, 'Not below 3.'],
  ['one that this page does not know', { says: 'fromTomorrow' }, say('common.unexpected')],
])('%s is told', (_, said, expected) => {
  expect(told(said)).toContain(expected);
});

test('nobody is told anything of what waited when a page was left', () => {
  expect(told({ says: '' })).toBe('');
});
