import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { blankQuestion, type Question } from '@distaff/core/question';
import { createPinia, setActivePinia } from 'pinia';
import { fakeServer, held, refusal } from '../../test/fakeServer.ts';
import { useReview } from './review.ts';

/** Two options alike, and so little time that nobody could read it: both can be mended without a look. */
const careless = (id: string): Question => ({
  ...blankQuestion(() => id),
  prompt: `Which of these two knots is the one that a sailor ties first on deck in the morning, ${id}?`,
  clock: 3,
  answer: {
    kind: 'choice',
    options: ['bowline', 'bowline', 'hitch'].map((text, i) => ({ id: `o${i}`, text })),
    key: 'o2',
  },
});
let stored: { id: string; version: number; setId: string; question: Question }[];
let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  setActivePinia(createPinia());
  stored = ['a', 'b'].map((id) => ({ id, version: 1, setId: 'set', question: careless(id) }));
  server = fakeServer({
    'GET /api/sets/*': ({ path }) => ({
      set: { title: path.split('/').at(-1) },
      role: 'owner',
      mayCopy: true,
      version: 1,
    }),
    'GET /api/sets/*/questions': () => ({ questions: structuredClone(stored) }),
    'GET /api/questions/duplicates': () => ({ pairs: [], lines: [] }),
    'PUT /api/questions/*': ({ path, body }) => {
      const own = stored.find(({ id }) => id === path.split('/').at(-1))!;
      const { version, question } = body as { version: number; question: Question };
      if (version !== own.version)
        return Response.json({ code: 'stale', sentence: 'Changed.', current: own }, { status: 409 });
      return Object.assign(own, { version: version + 1, question });
    },
  });
});
afterEach(() => void jest.restoreAllMocks());
const optionsOf = (n: number) => (stored[n]!.question.answer as { options: unknown[] }).options.length;

test('what is worst stands first, each question once', async () => {
  stored[0]!.question = {
    ...careless('a'),
    clock: null,
    answer: { kind: 'aloud', key: 'it' },
    prompt: 'A knot?',
  };
  const review = useReview();
  await review.load('set');
  expect([review.title, review.questions!.length]).toEqual(['set', 2]);
  expect(review.remarks[0]!.stored.id).toBe('b');
});

describe('mends', () => {
  test('of all that is safe are saved one by one, and taken back as one', async () => {
    const review = useReview();
    await review.load('set');
    expect(review.safe).toHaveLength(2);
    expect(await review.mendAll()).toBe(2);
    expect([optionsOf(0), optionsOf(1), review.safe.length]).toEqual([2, 2, 0]);
    expect(await review.undo()).toBe(2);
    expect([optionsOf(0), stored[0]!.question]).toEqual([3, careless('a')]);
  });

  test('where somebody else changed the question, it is read again and nothing is written over', async () => {
    const review = useReview();
    await review.load('set');
    Object.assign(stored[0]!, { version: 7, question: { ...careless('a'), prompt: 'By somebody else?' } });
    expect(await review.mendOne(review.questions![0]!, 'dropEqual')).toBe(0);
    expect([review.said, review.questions![0]!.question.prompt]).toEqual([
      'review.again',
      'By somebody else?',
    ]);
    expect(optionsOf(0)).toBe(3);
  });

  test('what the server refuses is told; what was saved before it stays and can be taken back', async () => {
    const review = useReview();
    await review.load('set');
    const usual = server.routes['PUT /api/questions/*']!;
    server.routes['PUT /api/questions/*'] = (request) =>
      request.path.endsWith('b') ? refusal(403, 'notYours', 'You may not.') : usual(request);
    expect(await review.mendAll()).toBe(1);
    expect([review.problem, review.busy, review.before.map(({ id }) => id)]).toEqual([
      'You may not.',
      false,
      ['a'],
    ]);
  });

  test('keys that stand always in the same place are spread, and nothing else is changed', async () => {
    stored = Array.from({ length: 8 }, (_, i) => ({
      id: `q${i}`,
      version: 1,
      setId: 'set',
      question: {
        ...careless(`q${i}`),
        answer: { kind: 'choice', options: ['x', 'y', 'z'].map((text) => ({ id: text, text })), key: 'z' },
      },
    }));
    const review = useReview();
    await review.load('set');
    const changed = await review.spread();
    expect(changed).toBeGreaterThan(0);
    for (const { question } of stored)
      expect(question.answer).toMatchObject({
        key: 'z',
        options: expect.arrayContaining([{ id: 'z', text: 'z' }]),
      });
  });
});

test('a set that is turned to is shown, however late the first answers', async () => {
  const review = useReview();
  const slow = held<void>();
  const usual = server.routes['GET /api/sets/*']!;
  server.routes['GET /api/sets/*'] = async (request) => {
    if (request.path.endsWith('/slow')) await slow.until;
    return usual(request);
  };
  const first = review.load('slow');
  await review.load('quick');
  slow.release();
  await first;
  expect(review.title).toBe('quick');
});
