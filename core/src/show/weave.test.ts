import { expect, test } from '@jest/globals';
import { weaveAt } from './weave.ts';

test('84 teams get 84 weaves that differ', () => {
  expect(new Set(Array.from({ length: 84 }, (_, n) => JSON.stringify(weaveAt(n)))).size).toBe(84);
});
