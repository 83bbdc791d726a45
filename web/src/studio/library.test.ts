import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { createPinia, setActivePinia } from 'pinia';
import { Show, situations } from '@distaff/core/show';
import * as v from 'valibot';
import { fakeServer, held, refusal } from '../test/fakeServer.ts';
import { useLibrary } from './library.ts';

let server: ReturnType<typeof fakeServer>;
const part = <T>(query: URLSearchParams, total: number, one: (n: number) => T) => {
  const [at, limit] = [Number(query.get('offset')), Number(query.get('limit'))];
  return Array.from({ length: Math.min(limit, total - at) }, (_, i) => one(at + i));
};
beforeEach(() => {
  setActivePinia(createPinia());
  server = fakeServer({
    'GET /api/shows': ({ query }) => ({
      shows: part(query, query.get('deleted') ? 1 : 70, (i) => ({ id: `show${i}` })),
      total: query.get('deleted') ? 1 : 70,
    }),
    'GET /api/sittings': ({ query }) => ({
      sittings: part(query, 40, (i) => ({ id: `sitting${i}` })),
      total: 40,
    }),
    'POST /api/shows': ({ body }) => ({ id: 'new', ...(body as object) }),
    'POST /api/shows/*/duplicate': () => ({ id: 'copy' }),
    'DELETE /api/shows/*': () => undefined,
    'POST /api/shows/*/restore': () => ({ id: 'back' }),
    'DELETE /api/shows/*/share': () => undefined,
  });
});
afterEach(() => void jest.restoreAllMocks());

test('shows and games come part by part', async () => {
  const library = useLibrary();
  await library.load(false);
  await library.moreShows();
  await library.moreShows();
  await library.moreSittings();
  expect([library.shows.length, library.totalShows, library.sittings.length]).toEqual([70, 70, 40]);
  expect(new Set(library.shows.map(({ id }) => id)).size).toBe(70);
});

test('the list and what it is a list of change together; a late answer changes neither', async () => {
  const library = useLibrary();
  const slow = held<void>();
  const usual = server.routes['GET /api/shows']!;
  server.routes['GET /api/shows'] = async (request) => {
    if (!request.query.get('deleted')) await slow.until;
    return usual(request);
  };
  const first = library.load(false);
  await library.load(true);
  slow.release();
  await first;
  expect([library.deletedOnes, library.shows.length]).toEqual([true, 1]);
});

test('what fails is told, and told no more once something works', async () => {
  const library = useLibrary();
  await library.load(false);
  server.routes['DELETE /api/shows/*'] = () => refusal(403, 'notYours', 'Only the owner may delete it.');
  await library.remove('show1');
  expect([library.problem, library.shows.length]).toEqual(['Only the owner may delete it.', 30]);
  await library.duplicate('show1', 'Again');
  expect(library.problem).toBe('');
});

test.each([null, ...situations])('a show made for %s is one that can be saved', async (situation) => {
  expect(await useLibrary().create('Evening', situation, (n) => `Team ${n}`)).toBe('new');
  const { show } = server.of('POST /api/shows')[0]!.body as { show: unknown };
  expect(v.parse(Show, show).title).toBe('Evening');
});
