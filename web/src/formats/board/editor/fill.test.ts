/** @jest-environment jsdom */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { blankQuestion, type Question } from '@distaff/core/question';
import { blankShow } from '@distaff/core/show';
import { createPinia, setActivePinia } from 'pinia';
import { server } from '../../../api/server.ts';
import { useEditor } from '../../../studio/editor.ts';
import { useFill } from './useFill.ts';

let n = 0;
/** A question of the library; what the server knows of how it did is by this id. */
const known = (id: string): Question => ({
  ...blankQuestion(() => `copy-of-${id}`),
  prompt: id,
  answer: { kind: 'aloud', key: 'it' },
  origin: { id, version: 1 } as never,
});
const did = (share: number) => ({ answers: 40, share, seconds: null });

let editor: ReturnType<typeof useEditor>;
const take = jest.spyOn(server, 'take');
const measured = jest.spyOn(server, 'measured');
beforeEach(async () => {
  setActivePinia(createPinia());
  jest
    .spyOn(server, 'show')
    .mockResolvedValue({ version: 1, show: blankShow('Evening', () => `i${n++}`) } as never);
  jest
    .spyOn(server, 'changeShow')
    .mockImplementation(async (_, version) => ({ version: version + 1, otherwise: [] }));
  measured.mockResolvedValue({ measured: { hard: did(0.1), easy: did(0.9), middling: did(0.5) } });
  editor = useEditor();
  await editor.load('show');
});
afterEach(() => void jest.useRealTimers());

const rule = { sets: ['set'], tags: [], repeat: 'any' } as never;
const column = () => {
  const { categories, values, cells } = editor.board!.content;
  return values.map(({ id }) => {
    const own = cells[`${categories[0]!.id}:${id}`]?.question;
    return own ? editor.show!.questions[own]!.prompt : null;
  });
};
const category = () => editor.board!.content.categories[0]!.id;

test('only empty cells are filled, from easy to hard, and nothing that the show has comes twice', async () => {
  const [first] = editor.board!.content.values;
  editor.writeQuestion(`${category()}:${first!.id}`, known('there'));
  take.mockResolvedValue({ questions: ['hard', 'easy', 'middling'].map(known) } as never);
  expect(await useFill().fill(category(), rule)).toBe(3);
  const [, asked, , taken] = take.mock.calls.at(-1)!;
  expect([asked.count, taken]).toEqual([4, ['there']]);
  expect(column()).toEqual(['there', 'easy', 'middling', 'hard', null]);
});

test('a category without an empty cell asks for nothing', async () => {
  for (const { id } of editor.board!.content.values)
    editor.writeQuestion(`${category()}:${id}`, known('there'));
  const before = take.mock.calls.length;
  expect(await useFill().fill(category(), rule)).toBe(0);
  expect(take.mock.calls.length).toBe(before);
});

describe('by difficulty', () => {
  beforeEach(() => {
    const { values } = editor.board!.content;
    ['hard', 'easy', 'new'].forEach((name, i) =>
      editor.writeQuestion(`${category()}:${values[i]!.id}`, known(name)),
    );
  });

  test('a category is sorted, is told how much of it is known, and can be had back', async () => {
    const before = column();
    expect(await useFill().sort(category())).toEqual({ n: 2, of: 3 });
    expect(column().filter(Boolean)[0]).toBe('easy');
    expect(column()).not.toEqual(before);
    editor.bringBack();
    expect(column()).toEqual(before);
  });

  test('worth is suggested, harder ones worth more', async () => {
    expect(await useFill().suggest(category())).toMatchObject({ n: 2, of: 3 });
  });

  test('what the server refuses is told, and changes nothing', async () => {
    const before = column();
    measured.mockRejectedValue(new Error('Not just now.'));
    const fill = useFill();
    expect([await fill.sort(category()), fill.problem.value, column()]).toEqual([
      null,
      'Not just now.',
      before,
    ]);
  });
});
