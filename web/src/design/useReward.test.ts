/** @jest-environment jsdom */
import { afterAll, expect, test } from '@jest/globals';
import { endApps, inApp } from '../test/inApp.ts';
import { useReward } from './useReward.ts';

afterAll(endApps);

test.each([
  ['Correct, {points}', true, 25, 'Correct, +25'],
  ['{points}, {points}!', true, 1200, '+1,200, +1,200!'],
  ['Well done', true, 25, 'Well done'],
  // What names the points waits until they are known; what does not is said with the key.
  ['Correct, {points}', true, null, ''],
  ['Well done', true, null, 'Well done'],
  ['', true, 25, ''],
])('“%s” for a right answer that brought %s', (onRight, right, amount, said) => {
  const reward = inApp(useReward);
  expect(reward({ onRight, onWrong: 'Alas, {points}' }, right, amount)).toBe(said);
});

test('a wrong answer is told by its own words, with what it cost', () => {
  const reward = inApp(useReward);
  const words = { onRight: 'Yes', onWrong: 'Alas, {points}' };
  expect([reward(words, false, -100), reward(words, false, 0)]).toEqual(['Alas, −100', 'Alas, 0']);
});
