import { expect, test } from '@jest/globals';
import { findingCodes } from '@distaff/core/show';
import { formatNames } from '@distaff/core/formats';
import { common } from './en/common.ts';
import { studio } from './en/studio.ts';

test('whatever a check may find has words', () => {
  expect(findingCodes.filter((code) => !(code in studio.finding) && code !== 'remark')).toEqual([]);
});

test.each(formatNames)('%s has a name and a line that says what it is', (name) => {
  expect([common.formats[name], studio.formatHint[name]].every((words) => words !== '')).toBe(true);
});
