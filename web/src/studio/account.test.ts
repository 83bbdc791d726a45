import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { createPinia, setActivePinia } from 'pinia';
import { fakeServer, refusal } from '../test/fakeServer.ts';
import { useAccount } from './account.ts';

const host = { id: 'a', name: 'Ansa', guestOf: null };
const guest = { id: 'g', name: 'Jory', guestOf: { what: 'show', id: 's' } };
let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  setActivePinia(createPinia());
  server = fakeServer({
    'GET /api/me': () => ({ account: null }),
    'POST /api/login': () => ({ account: host }),
    'POST /api/accounts': () => ({ account: host }),
    'DELETE /api/login': () => undefined,
  });
});
afterEach(() => void jest.restoreAllMocks());

test('whoever is known is not asked for again; nobody is known where the server says so', async () => {
  const account = useAccount();
  expect(await account.known()).toBe(false);
  await account.signIn('a@example.org', 'secret');
  expect([await account.known(), account.isHost, server.of('GET /api/me').length]).toEqual([true, true, 1]);
  await account.signOut();
  expect([account.account, account.isHost]).toEqual([null, false]);
});

test('a server that is away puts nobody out', async () => {
  server.routes['GET /api/me'] = () => refusal(503, 'away');
  expect(await useAccount().known()).toBe(true);
});

test('a guest of one show is no host; whoever is refused stays who they were', async () => {
  const account = useAccount();
  account.account = guest as never;
  expect(account.isHost).toBe(false);
  server.routes['POST /api/accounts'] = () => refusal(409, 'taken', 'There is an account with this address.');
  await expect(account.signUp('a@example.org', 'Ansa', 'secret')).rejects.toThrow('There is an account');
  expect(account.account).toEqual(guest);
});
