import { expect, test } from '@jest/globals';
import { rank } from './standings.ts';

test.each([
  [
    [30, 10, 20, 20],
    [1, 2, 2, 4],
  ],
  [
    [5, 5, 5],
    [1, 1, 1],
  ],
  [
    [0, -10, -10],
    [1, 2, 2],
  ],
  [[], []],
])('standings of %j are placed %j: "1224", the standard competition ranking', (scores, places) => {
  expect(rank(scores, (score) => [score]).map((row) => row.place)).toEqual(places);
});
