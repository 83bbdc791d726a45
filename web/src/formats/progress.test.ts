import { expect, test } from '@jest/globals';
import { formatNames, formatOf } from '@distaff/core/formats';
import { newRound } from '@distaff/core/show';
import { progressOf, questionsLeft } from './progress.ts';

let n = 0;
test.each(formatNames)('how far a %s is can be told from what everybody sees of it', (name) => {
  const format = formatOf(name);
  const { content } = newRound(name, () => `i${n++}`);
  const asks = !format.asks ? [] : ['q0', 'q1', 'q2'];
  const filled = format.filled(content, asks);
  const state = format.begin(filled, {}, format.asWritten(filled, {}));
  const found = progressOf({ ...(format.view(state) as object), format: name } as never);
  // Nobody knows how often it goes round a trail.
  expect(found === null).toBe(!format.asks || format.alone(content) !== null || name === 'trail');
  expect(found?.played ?? 0).toBe(0);
  expect(questionsLeft({ ...(format.view(state) as object), format: name } as never)).toBe(found?.of ?? 0);
});

test('between rounds there is nothing to tell', () => {
  expect([progressOf(null), questionsLeft(null)]).toEqual([null, 0]);
});
