import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { createPinia, setActivePinia } from 'pinia';
import { fakeServer, held, refusal } from '../../test/fakeServer.ts';
import { useSharing } from './sharing.ts';

let server: ReturnType<typeof fakeServer>;
const told = (of: string) => ({ members: [], mayCopy: false, links: {}, of });
beforeEach(() => {
  setActivePinia(createPinia());
  server = fakeServer({
    'GET /api/sets/*/sharing': ({ path }) => told(path.split('/')[3]!),
    'POST /api/sets/*/members': () => told('after'),
  });
});
afterEach(() => void jest.restoreAllMocks());

test('another one that is turned to is shown, however late the first answers', async () => {
  const sharing = useSharing();
  const slow = held<void>();
  const usual = server.routes['GET /api/sets/*/sharing']!;
  server.routes['GET /api/sets/*/sharing'] = async (request) => {
    if (request.path.includes('/one/')) await slow.until;
    return usual(request);
  };
  const first = sharing.load({ what: 'set', id: 'one' });
  expect(await sharing.load({ what: 'set', id: 'two' })).toBe(true);
  slow.release();
  await first;
  expect([sharing.sharing, sharing.busy]).toMatchObject([{ of: 'two' }, false]);
});

test('one thing is done at a time; what was refused is told', async () => {
  const sharing = useSharing();
  await sharing.load({ what: 'set', id: 'one' });
  const both = [sharing.add('a@example.org', 'viewer'), sharing.add('a@example.org', 'viewer')];
  expect(await Promise.all(both)).toEqual([true, false]);
  server.routes['POST /api/sets/*/members'] = () => refusal(404, 'notThere', 'Nobody has this address.');
  expect(await sharing.add('b@example.org', 'viewer')).toBe(false);
  expect([sharing.problem, sharing.sharing]).toMatchObject(['Nobody has this address.', { of: 'after' }]);
});
