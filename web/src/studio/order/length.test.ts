/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { blankQuestion } from '@distaff/core/question';
import { newRound, showFor, type Show } from '@distaff/core/show';
import { server } from '../../api/server.ts';
import { endApps, inApp } from '../../test/inApp.ts';
import { useEditor } from '../editor.ts';
import { useLength } from './useLength.ts';

let n = 0;
const newId = () => `i${n++}`;
/** A show of quizzes with so many questions of a minute each. */
function showOf(...counts: number[]): Show {
  const show = showFor('venue', 'Evening', newId, (i) => `Team ${i}`);
  show.questions = {};
  show.rounds = counts.map((count) => {
    const round = newRound('quiz', newId);
    const ids = Array.from({ length: count }, newId);
    for (const id of ids)
      show.questions[id] = {
        ...blankQuestion(() => id),
        prompt: 'Which?',
        clock: 60,
        answer: { kind: 'aloud', key: 'it' },
      };
    return {
      ...round,
      content: { ...round.content, items: ids.map((id) => ({ id, points: null })) },
    } as never;
  });
  return show;
}
async function lengthOf(show: Show, plannedMinutes: number | null) {
  jest.spyOn(server, 'show').mockResolvedValue({ version: 1, show: { ...show, plannedMinutes } } as never);
  jest
    .spyOn(server, 'changeShow')
    .mockImplementation(async (_, version) => ({ version: version + 1, otherwise: [] }));
  const { editor, length } = inApp(() => ({ editor: useEditor(), length: useLength() }));
  await editor.load('show');
  return { length, editor };
}
beforeEach(() => void jest.spyOn(server, 'pace').mockRejectedValue(new Error('none')));
afterEach(() => {
  endApps();
  jest.restoreAllMocks();
});

test.each([
  [10, /^less than/],
  [60, /^1/],
  [59 * 60, /59/],
  [3600, /1 h/],
  [5400, /1 h.*30/],
])('%d seconds are told as people say them', async (seconds, said) => {
  const { length } = await lengthOf(showOf(1), null);
  expect(length.told(seconds)).toMatch(said);
});

describe('against the plan', () => {
  test.each([
    [null, null],
    [600, 'fits'],
    [1, 'over'],
  ])('of %s minutes it is %s', async (planned, verdict) => {
    expect((await lengthOf(showOf(4, 4), planned)).length.verdict.value).toBe(verdict);
  });

  test('too long a show proposes rounds to leave out that are enough, and never all that ask', async () => {
    const { length, editor } = await lengthOf(showOf(8, 2, 8), 14);
    expect(length.verdict.value).toBe('over');
    const gone = length.cuts.value.map((id) => length.spanOf(id)!.likely);
    expect(gone.length).toBeGreaterThan(0);
    expect(gone.length).toBeLessThan(3);
    const over = editor.length!.span.likely - length.planned.value!;
    expect(gone.reduce((sum, one) => sum + one, 0)).toBeGreaterThanOrEqual(over);
    expect(length.fewer.value).toBeNull();
  });

  test('where no round can go it is said how many questions fewer would do', async () => {
    const { length, editor } = await lengthOf(showOf(12), 10);
    expect(length.cuts.value).toEqual([]);
    expect(length.fewer.value).toMatchObject({ round: editor.show!.rounds[0]!.id });
    expect(length.fewer.value!.count).toBeLessThan(12);
  });
});
