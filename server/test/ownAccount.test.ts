import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { PASSWORD, World, type Host } from './world.ts';

let world: World;
let host: Host;
/** A sign-in of the same account on another device. */
const elsewhere = async (agent: string): Promise<string> => {
  const answer = await world.call(
    'POST',
    '/api/login',
    { email: host.email, password: PASSWORD },
    { 'user-agent': agent },
  );
  return answer.headers.get('set-cookie')!.split(';')[0]!;
};
const isIn = async (cookie: string) =>
  (await world.call('GET', '/api/me', undefined, { cookie })).json.account !== null;
const logins = async () => (await host.call('GET', '/api/me/logins')).json.logins;

beforeAll(async () => {
  world = await new World().open();
  host = await world.host('Wenna');
});
afterAll(() => world.close());

test('sign-ins are seen and ended one by one; a desk goes with its own', async () => {
  const [laptop, tablet] = [await elsewhere('Laptop'), await elsewhere('Tablet '.repeat(60))];
  const seen = await logins();
  expect(seen.map(({ here }: { here: boolean }) => here)).toEqual([true, false, false]);
  expect(seen.map(({ agent }: { agent: string }) => agent)).toContain('Laptop');
  expect(Math.max(...seen.map(({ agent }: { agent: string }) => agent.length))).toBe(200);
  const desk = world.connect({ as: 'desk', sitting: (await host.sitting()).id }, laptop);
  await desk.until(() => desk.last('view') !== undefined);
  const { id } = seen.find(({ agent }: { agent: string }) => agent === 'Laptop');
  expect((await host.call('DELETE', `/api/me/logins/${id}`)).status).toBe(204);
  expect([await isIn(laptop), await isIn(tablet)]).toEqual([false, true]);
  await desk.until(() => !desk.socket.connected);
  expect((await host.call('DELETE', '/api/me/logins')).status).toBe(204);
  expect([await isIn(tablet), await isIn(host.cookie), (await logins()).length]).toEqual([false, true, 1]);
});

test('nobody ends the sign-in of somebody else', async () => {
  const other = await world.host('Jory');
  const [own] = await logins();
  await other.call('DELETE', `/api/me/logins/${own.id}`);
  expect(await isIn(host.cookie)).toBe(true);
});

test('the password is changed by whoever knows it, and all other devices sign in again', async () => {
  const laptop = await elsewhere('Laptop');
  const wrong = await host.call('PUT', '/api/me/password', { current: 'not it', next: 'another long one' });
  expect([wrong.status, wrong.json.says]).toEqual([403, 'wrongCurrentPassword']);
  const short = await host.call('PUT', '/api/me/password', { current: PASSWORD, next: 'short' });
  expect(short.status).toBe(400);
  expect(await isIn(laptop)).toBe(true);
  const done = await host.call('PUT', '/api/me/password', { current: PASSWORD, next: 'another long one' });
  expect([done.status, await isIn(laptop), await isIn(host.cookie)]).toEqual([204, false, true]);
  const signIn = (password: string) => world.call('POST', '/api/login', { email: host.email, password });
  expect([(await signIn(PASSWORD)).status, (await signIn('another long one')).status]).toEqual([401, 200]);
});

test('a name is changed, and not to nothing; a guest has no account', async () => {
  expect((await host.call('PUT', '/api/me/name', { name: '  ' })).status).toBe(400);
  expect((await host.call('PUT', '/api/me/name', { name: ' Wenna T. ' })).status).toBe(204);
  expect((await host.call('GET', '/api/me')).json.account.name).toBe('Wenna T.');
  expect((await world.call('GET', '/api/me/logins')).status).toBe(401);
});
