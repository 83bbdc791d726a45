import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { copy } from './copy.ts';
import { changesBetween, withChanges, type Change } from '@distaff/core/document';
import { formatNames, formatOf } from '@distaff/core/formats';
import { blankQuestion } from '@distaff/core/question';
import { blankShow, Show } from '@distaff/core/show';
import { createPinia, setActivePinia } from 'pinia';
import * as v from 'valibot';
import { fakeServer } from '../test/fakeServer.ts';
import { useEditor } from './editor.ts';

let n = 0;
let stored: { version: number; show: Show };
let server: ReturnType<typeof fakeServer>;
let editor: ReturnType<typeof useEditor>;

beforeEach(async () => {
  jest.useFakeTimers();
  const kept = new Map<string, string>();
  Object.assign(globalThis, {
    sessionStorage: {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, text: string) => kept.set(key, text),
      removeItem: (key: string) => kept.delete(key),
    },
  });
  setActivePinia(createPinia());
  stored = {
    version: 1,
    show: v.parse(
      Show,
      blankShow('Evening', () => `i${n++}`),
    ),
  };
  server = fakeServer({
    'GET /api/shows/*': () => ({ ...copy(stored), role: 'owner', owner: null, unowned: true, link: null }),
    'PATCH /api/shows/*': ({ body }) => {
      const { changes } = body as { changes: Change[] };
      const sent = withChanges(copy(stored.show), changes);
      stored = { version: stored.version + 1, show: v.parse(Show, copy(sent)) };
      return { version: stored.version, otherwise: changesBetween(sent, stored.show) };
    },
    'POST /api/shows/*/take': () => ({ id: 'show' }),
    'POST /api/questions/take': () => ({ questions: [], wanted: 3, found: 0 }),
  });
  editor = useEditor();
  await editor.load('show');
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});
const saved = async () => {
  await jest.advanceTimersByTimeAsync(2000);
  expect(editor.state).toBe('saved');
  return stored.show;
};
const titled = (prompt: string) => ({
  ...blankQuestion(() => 'elsewhere'),
  prompt,
  answer: { kind: 'aloud' as const, key: 'it' },
});

describe('rounds', () => {
  test.each(formatNames)('a %s is added after the one that is looked at, and looked at', async (format) => {
    editor.addRound('interlude');
    editor.roundId = stored.show.rounds[0]!.id;
    editor.addRound(format);
    expect([editor.index, editor.round.format]).toEqual([1, format]);
    expect((await saved()).rounds.map((one) => one.format)).toEqual(['board', format, 'interlude']);
    expect(editor.list !== null).toBe('items' in editor.round.content);
  });

  test('one that is dropped takes its questions with it; the last one stays', async () => {
    editor.addRound('quiz');
    const id = editor.addItem(titled('Gone with its round'));
    const round = editor.roundId;
    editor.dropRound(round);
    expect([editor.show!.questions[id], editor.show!.rounds.length]).toEqual([undefined, 1]);
    editor.dropRound(editor.roundId);
    editor.dropRound('nowhere');
    expect((await saved()).rounds).toHaveLength(1);
  });

  test.each(formatNames)('a copy of a %s has questions of its own', async (format) => {
    editor.addRound(format);
    const made = formatOf(format);
    editor.show!.questions.q1 = { ...titled('One'), id: 'q1' };
    const { content } = editor.round;
    Object.assign(editor.round, { content: made.filled(content, made.asks ? ['q1'] : []) });
    const before = editor.roundId;
    editor.copyRound(before, 'Again');
    expect(editor.roundId).not.toBe(before);
    const [own, first] = [editor.round, editor.show!.rounds[1]!].map((round) =>
      formatOf(round.format)
        .places(round.content)
        .flatMap(({ question }) => question ?? []),
    );
    expect(own!.filter((id) => first!.includes(id))).toEqual([]);
    expect(own!.map((id) => editor.show!.questions[id]!.prompt)).toEqual(first!.map(() => 'One'));
    await saved();
  });
});

describe('questions', () => {
  test('on a cell: written anew, found again, and gone with it', async () => {
    const { categories, values } = editor.board!.content;
    const ref = `${categories[0]!.id}:${values[0]!.id}`;
    expect(editor.questionAt(ref)).toBeNull();
    editor.writeQuestion(ref, titled('Which tide?'));
    expect(editor.questionAt(ref)).toMatchObject({ prompt: 'Which tide?' });
    expect(editor.questionAt(ref)!.id).not.toBe('elsewhere');
    expect(Object.keys((await saved()).questions)).toHaveLength(1);
    editor.dropCells([ref]);
    expect([editor.questionAt(ref), editor.cellAt(ref)]).toEqual([null, { question: null, value: null }]);
    expect((await saved()).questions).toEqual({});
  });

  test('of a list: added at its end, replaced in its place, dropped', async () => {
    editor.addRound('quiz');
    const [one, two] = [editor.addItem(titled('One')), editor.addItem(titled('Two'))];
    editor.replaceItem(one, titled('Another'));
    expect(editor.show!.questions[one]).toMatchObject({ id: one, prompt: 'Another' });
    editor.dropItem(one);
    expect((await saved()).rounds[1]!.content).toMatchObject({ items: [{ id: two }] });
    expect(Object.keys(stored.show.questions)).toEqual([two]);
  });

  test('their tags are offered again, each once', () => {
    editor.addRound('quiz');
    editor.addItem({ ...titled('One'), tags: ['sea', 'wind'] });
    editor.addItem({ ...titled('Two'), tags: ['sea'] });
    expect(editor.tags).toEqual(['sea', 'wind']);
  });
});

test('how long it takes is worked out when the writing rests', async () => {
  const before = editor.length!.span.likely;
  editor.addRound('quiz');
  for (let i = 0; i < 5; i++) editor.addItem({ ...titled('How high is the tide at noon?'), clock: 60 });
  expect(editor.length!.span.likely).toBe(before);
  await jest.advanceTimersByTimeAsync(1000);
  expect(editor.length!.span.likely).toBeGreaterThan(before);
});

test('a show that is nobody’s is saved before it is made one’s own', async () => {
  expect(editor.access.unowned).toBe(true);
  editor.show!.title = 'Mine';
  await editor.take();
  const order = server.asked.map(({ route }) => route).filter((route) => !route.startsWith('GET'));
  expect(order).toEqual(['PATCH /api/shows/*', 'POST /api/shows/*/take']);
  expect([editor.access.unowned, stored.show.title]).toEqual([false, 'Mine']);
});
