import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { createPinia, setActivePinia } from 'pinia';
import { fakeServer, held, refusal } from '../../test/fakeServer.ts';
import { useAccount } from '../account.ts';
import { useBank } from './bank.ts';

const line = (n: number) => ({ id: `q${n}`, prompt: `Ask ${n}` });
const page = (query: URLSearchParams, total: number) => {
  const [at, limit] = [Number(query.get('offset')), Number(query.get('limit'))];
  const questions = Array.from({ length: Math.max(0, Math.min(limit, total - at)) }, (_, i) => line(at + i));
  return { questions, total, more: false, instead: null };
};
const sets = [
  { id: 'own', role: 'owner', mayCopy: true, title: 'Tides' },
  { id: 'lent', role: 'viewer', mayCopy: false, title: 'Knots' },
];

let total = 450;
let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  setActivePinia(createPinia());
  total = 450;
  server = fakeServer({
    'GET /api/questions': ({ query }) => page(query, total),
    'GET /api/sets': () => ({ sets }),
    'GET /api/questions/tags': () => ({ tags: [{ tag: 'sea', count: 3 }] }),
    'POST /api/questions/delete': ({ body }) => ({ count: (body as { ids: string[] }).ids.length }),
    'POST /api/sets/*/questions': () => ({ ids: ['new'] }),
    'DELETE /api/sets/*': () => undefined,
  });
});
afterEach(() => void jest.restoreAllMocks());
const searches = () => server.of('GET /api/questions');

describe('the list', () => {
  test('comes page by page, each once', async () => {
    const bank = useBank();
    await bank.search();
    expect([bank.total, bank.lines.size]).toEqual([450, 100]);
    for (const at of [0, 99, 130, 150, 420]) bank.ensure(at);
    await new Promise((go) => setTimeout(go, 20));
    expect(searches().map(({ query }) => query.get('offset'))).toEqual(['0', '100', '400']);
    expect([bank.lines.get(130)!.id, bank.lines.get(449)!.id]).toEqual(['q130', 'q449']);
  });

  test('a page that did not come is asked for again', async () => {
    const bank = useBank();
    await bank.search();
    server.routes['GET /api/questions'] = () => refusal(500, 'broken', 'Not just now.');
    bank.ensure(250);
    await new Promise((go) => setTimeout(go, 20));
    expect(bank.problem).toBe('Not just now.');
    server.routes['GET /api/questions'] = ({ query }) => page(query, total);
    bank.ensure(250);
    await new Promise((go) => setTimeout(go, 20));
    expect([bank.problem, bank.lines.get(250)!.id]).toEqual(['', 'q250']);
  });

  test('an answer that comes after a later one is dropped, pages too', async () => {
    const bank = useBank();
    const slow = held<void>();
    server.routes['GET /api/questions'] = async ({ query }) => {
      if (query.get('q') !== 'old') return page(query, 7);
      await slow.until;
      return page(query, 450);
    };
    bank.query.q = 'old';
    const first = bank.search();
    bank.query.q = 'new';
    await bank.search();
    slow.release();
    await first;
    expect([bank.total, bank.lines.size]).toEqual([7, 7]);
  });

  test.each([
    [{ set: 'own' }, 'place'],
    [{ set: 'own', q: 'tide' }, 'changed'],
    [{ set: 'own', sort: 'prompt' as const }, 'prompt'],
    [{}, 'changed'],
  ])('of %j it stands by %s', async (query, sort) => {
    const bank = useBank();
    Object.assign(bank.query, query);
    await bank.search();
    expect(searches()[0]!.query.get('sort')).toBe(sort);
  });

  test('what was saved beside it is written into it', async () => {
    const bank = useBank();
    await bank.search();
    bank.patch('q3', { prompt: 'Changed' });
    expect([bank.lines.get(3), bank.lines.get(4)]).toMatchObject([{ prompt: 'Changed' }, line(4)]);
  });

  test('what is written while an answer is on its way is not written over by it', async () => {
    const bank = useBank();
    await bank.search();
    const slow = held<void>();
    server.routes['GET /api/questions'] = async ({ query }) => {
      await slow.until;
      return page(query, total);
    };
    const again = bank.search();
    bank.patch('q3', { prompt: 'Changed' });
    slow.release();
    await again;
    expect(bank.lines.get(3)).toMatchObject({ prompt: 'Changed' });
  });
});

describe('what is chosen', () => {
  test('may be all of the list, unseen lines too, and no more than one call takes', async () => {
    const bank = useBank();
    await bank.search();
    await bank.chooseAll();
    expect([bank.chosen.size, bank.chosen.has('q449')]).toEqual([450, true]);
    total = 5000;
    await bank.search();
    await bank.chooseAll();
    expect(bank.chosen.size).toBe(2000);
  });

  test('stays chosen where deleting failed, and is told', async () => {
    const bank = useBank();
    bank.choose('q1', true);
    bank.choose('q2', true);
    bank.choose('q2', false);
    server.routes['POST /api/questions/delete'] = () => refusal(403, 'notYours', 'Only the owner may.');
    expect(await bank.deleteChosen()).toBeUndefined();
    expect([[...bank.chosen], bank.problem]).toEqual([['q1'], 'Only the owner may.']);
    server.routes['POST /api/questions/delete'] = () => ({ count: 1 });
    expect(await bank.deleteChosen()).toEqual({ ids: ['q1'], count: 1 });
    expect([bank.chosen.size, bank.problem]).toEqual([0, '']);
    expect(searches()).toHaveLength(1);
  });
});

describe('sets', () => {
  test('say who may write and copy; before they are there nobody is kept from it', async () => {
    const bank = useBank();
    expect([bank.mayEdit('lent'), bank.mayCopy('lent')]).toEqual([true, true]);
    await bank.needSets();
    await bank.needSets();
    expect(server.of('GET /api/sets')).toHaveLength(1);
    expect([bank.mayEdit('lent'), bank.mayCopy('lent'), bank.mayEdit('own')]).toEqual([false, false, true]);
    expect([bank.writable.map(({ id }) => id), bank.tags]).toEqual([['own'], ['sea']]);
  });

  test('of a guest of one set only its tags are asked for', async () => {
    useAccount().account = { guestOf: { what: 'set', id: 'lent' } } as never;
    await useBank().loadSets();
    expect(server.of('GET /api/questions/tags')[0]!.query.get('set')).toBe('lent');
  });

  test('one that is gone is no longer looked into', async () => {
    const bank = useBank();
    bank.query.set = 'own';
    await bank.deleteSet('own');
    expect([bank.query.set, searches()[0]!.query.get('set')]).toEqual(['', null]);
  });

  test('a new question is like the last one in kind and language, and has nothing else of it', async () => {
    const bank = useBank();
    const like = { answer: { kind: 'number', key: 4 }, language: 'de', prompt: 'Wie viele?' };
    expect(await bank.add('own', like as never)).toBe('new');
    const { questions } = server.of('POST /api/sets/*/questions')[0]!.body as { questions: object[] };
    expect(questions[0]).toMatchObject({ prompt: '', language: 'de', answer: { kind: 'number', key: null } });
  });
});
