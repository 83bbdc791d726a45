import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { blankSelection, type Selection } from '@distaff/core/library';
import { showFor, type Show } from '@distaff/core/show';
import type { NextStep } from '@distaff/core/sitting';
import type { Question } from '@distaff/core/question';
import { question, World, type Host } from './world.ts';

const world = new World();
let host: Host;
beforeAll(async () => {
  await world.open();
  host = await world.host();
});
afterAll(() => world.close());

const rule = (change: Partial<Selection> = {}): Selection => ({
  ...blankSelection(),
  shuffle: false,
  ...change,
});
const take = async (given: Selection, group = '', who = host, taken: string[] = []) =>
  (await who.call('POST', '/api/selections', { rule: given, group, taken })).json as {
    questions: Question[];
    fitting: number;
    unfinished: number;
    repeated: number;
  };
const prompts = (got: { questions: Question[] }) => got.questions.map((one) => one.prompt);
let n = 0;
const newId = () => `id${n++}`;

test('a rule takes by set, tag, kind and difficulty, what is finished; other people keep theirs', async () => {
  const tides = await host.makeSet('Tides', [
    question('Ebb?', { tags: ['tides'], difficulty: 'easy' }),
    question('Flood?', { tags: ['tides'], difficulty: 'medium' }),
    question('Half', {
      answer: {
        kind: 'text',
        accepted: [],
        forgive: { case: true, accents: true, articles: true, slips: false },
      },
    }),
  ]);
  await host.makeSet('Birds', [question('Tern?', { difficulty: 'medium' })]);
  expect(prompts(await take(rule()))).toEqual(['Tern?', 'Ebb?', 'Flood?']);
  const own = await take(rule({ sets: [tides.id] }));
  expect(own).toMatchObject({ fitting: 2, unfinished: 1, repeated: 0 });
  expect(own.questions[0]!.origin).toEqual({ id: tides.ids[0], version: 1 });
  expect(prompts(await take(rule({ tags: ['Tides'], difficulty: 'medium' })))).toEqual(['Flood?']);
  expect(prompts(await take(rule({ kinds: ['card'] })))).toEqual([]);
  expect(prompts(await take(rule({ count: 1 }), '', host, [own.questions[0]!.origin!.id]))).toEqual([
    'Tern?',
  ]);
  const other = await world.host();
  expect(prompts(await take(rule(), '', other))).toEqual([]);
  expect(prompts(await take(rule({ sets: [tides.id] }), '', other))).toEqual([]);
});

test('what was played with a group is known after the close, how it did, and how fast it went; taken anew at the doors', async () => {
  const who = await world.host();
  await who.makeSet(
    'Seven',
    Array.from({ length: 8 }, (_, i) => question(`Question ${i}`, { explanation: '' })),
  );
  const show: Show = { ...showFor('review', 'Evening', newId, (i) => `Team ${i}`), group: '7B' };
  const quiz = showFor('check', '', newId, String).rounds.filter((round) => round.format === 'quiz');
  show.rounds = quiz;
  const content = quiz[0]!.content as { rule?: Selection };
  content.rule = rule({ count: 6, anew: true });
  quiz[0]!.rules = { ...quiz[0]!.rules, floor: 'turn', afterWrong: 'close', clock: null };
  const { id } = (await who.call('POST', '/api/shows', { show })).json as { id: string };
  const opened = await who.call('POST', `/api/shows/${id}/sittings`);
  expect(opened.status).toBe(201);
  const sitting = opened.json as { id: string; code: string };
  const desk = who.desk(sitting.id);
  type View = { seq: number; phase: string; question: { floor: string } | null; private: { next: NextStep } };
  let asked = 0;
  let view = await desk.until(() => desk.last<View>('view'));
  while (view.phase !== 'closed') {
    const { command } = view.private.next;
    const { seq } = view;
    const rule = () => ({
      type: 'rule',
      team: view.question!.floor,
      verdict: asked++ % 2 ? 'right' : 'wrong',
    });
    await desk.send(command ?? rule());
    view = await desk.until(() => desk.last<View>('view')!.seq > seq && desk.last<View>('view'));
  }

  const again = await take(rule({ count: 99 }), '7B', who);
  expect(again).toMatchObject({ fitting: 2, repeated: 6 });
  expect(await take(rule({ count: 99 }), '7C', who)).toMatchObject({ fitting: 8, repeated: 0 });
  expect(await take(rule({ count: 99, repeat: 'never' }), '7C', who)).toMatchObject({ repeated: 6 });
  const all = (await take(rule({ count: 99, repeat: 'always' }), '', who)).questions.map(
    (one) => one.origin!.id,
  );
  const { measured } = (await who.call('POST', '/api/measured', { ids: all })).json as {
    measured: Record<string, { answers: number; share: number }>;
  };
  expect(Object.values(measured).map((one) => one.share)).toEqual(expect.arrayContaining([0, 1]));
  expect((await who.call('GET', '/api/pace')).json).toMatchObject({ sittings: 1 });
  // The next sitting with the same class finds two left, which is said by their number, not hidden.
  const next = await who.call('POST', `/api/shows/${id}/sittings`);
  expect(next.status).toBe(201);
});
