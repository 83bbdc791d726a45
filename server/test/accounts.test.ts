import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { timeHeld, unique, World } from './world.ts';

let world: World;
beforeAll(async () => (world = await new World().open()));
afterAll(() => world.close());

const password = 'a long password';

describe('accounts', () => {
  test('sign up, sign out, sign in; the cookie is not for scripts and not for other sites', async () => {
    const email = `${unique('ada')}@example.test`;
    const made = await world.call('POST', '/api/accounts', { email, name: 'Ada', password });
    expect(made.status).toBe(201);
    expect(made.headers.get('set-cookie')).toMatch(/HttpOnly; SameSite=Lax/);
    const cookie = made.headers.get('set-cookie')!.split(';')[0]!;
    expect((await world.call('GET', '/api/me', undefined, { cookie })).json.account.email).toBe(email);
    expect((await world.call('DELETE', '/api/login', undefined, { cookie })).status).toBe(204);
    expect((await world.call('GET', '/api/me', undefined, { cookie })).json.account).toBeNull();
    const again = await world.call('POST', '/api/login', { email: email.toUpperCase(), password });
    expect(again.status).toBe(200);
  });

  test('a wrong password and an unknown address answer alike, and are slowed down alike', async () => {
    const { email } = await world.host();
    await timeHeld(async () => {
      const tries = async (address: string) => {
        const answers = [];
        for (let i = 0; i < 5; i++) {
          const { status, json } = await world.call('POST', '/api/login', {
            email: address,
            password: 'wrong',
          });
          answers.push({ status, code: json.code, says: json.says });
        }
        return answers;
      };
      const known = await tries(email);
      expect(known.map((one) => one.status)).toEqual([401, 401, 401, 429, 429]);
      expect(await tries(`${unique('nobody')}@example.test`)).toEqual(known);
      // Even the right password has to wait then.
      expect((await world.call('POST', '/api/login', { email, password })).status).toBe(429);
    });
  });

  test.each([
    [{ email: 'no address', name: 'A', password }, 'e-mail'],
    [{ email: 'a@b.test', name: ' ', password }, 'name'],
    [{ email: 'a@b.test', name: 'A', password: 'short' }, '10 characters'],
    [{}, ''],
  ])('sign-up with %j is refused with a sentence', async (body, word) => {
    const { status, json } = await world.call('POST', '/api/accounts', body);
    expect(status).toBe(400);
    expect(json.detail).toContain(word);
  });

  test('one address has one account', async () => {
    const { email } = await world.host();
    const twice = await world.call('POST', '/api/accounts', { email, name: 'B', password });
    expect([twice.status, twice.json.code]).toEqual([409, 'emailTaken']);
  });

  test.each([
    ['http://evil.example', 403],
    ['null', 403],
    ['own', 200],
    [null, 200],
  ])('a request that changes something from origin %s ends with %i', async (origin, status) => {
    const host = await world.host();
    const headers: Record<string, string> =
      origin === null ? {} : { origin: origin === 'own' ? world.url : origin };
    const made = await world.call('POST', '/api/login', { email: host.email, password }, headers);
    expect(made.status).toBe(status);
  });
});

test.each([
  '/api/shows',
  '/api/sittings',
  '/api/shows/x',
  '/api/sittings/x/results',
  '/api/sittings/x/standings.csv',
])('%s is for nobody who is not signed in', async (path) => {
  expect((await world.call('GET', path)).status).toBe(401);
});

test('health and readiness', async () => {
  expect((await world.call('GET', '/healthz')).json).toEqual({ server: 'well', database: 'well' });
  expect((await world.call('GET', '/readyz')).json).toEqual({ ready: true });
});
