import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Statement } from '@distaff/core/interchange';
import { isOutside, sendJson } from '../src/outgoing.ts';
import { gather, once, playOut, showWith } from './evening.ts';
import { World, type Host } from './world.ts';

let world: World;
let host: Host;
let game: string;
beforeAll(async () => {
  world = await new World().open();
  host = await world.host();
  const evening = await gather(world, host, {
    ...showWith('quiz', 'everyone'),
    devices: { mode: 'each', score: 'teams', combine: 'mean' },
  });
  await playOut(evening, once);
  game = evening.id;
});
afterAll(() => world.close());
const STORE = '/api/stand-ins/record-store';
const headers = { 'x-experience-api-version': '1.0.3', authorization: 'Basic dHJpYWw6dHJpYWw=' };

test('a game as statements: a file, and sent to the stand-in, as often as one likes', async () => {
  const file = await host.call('GET', `/api/sittings/${game}/statements.json`);
  const all = JSON.parse(file.text) as Statement[];
  // Three people, three questions, and the end of each.
  expect(all).toHaveLength(12);
  expect(all[0]).toMatchObject({
    actor: { name: 'Of Bowline' },
    result: { response: 'wrong', success: false },
  });
  const send = (url: string) =>
    host.call('POST', `/api/sittings/${game}/statements`, { url, user: 'trial', password: 'trial' });
  expect((await send(STORE)).json).toEqual({ sent: 12 });
  expect((await send(STORE)).json).toEqual({ sent: 12 });

  const post = (body: unknown, more: Record<string, string> = headers) =>
    world.call('POST', `${STORE}/statements`, body, more);
  expect((await post(all)).status).toBe(200);
  expect((await post(all, { authorization: headers.authorization })).status).toBe(400);
  expect((await post(all, { 'x-experience-api-version': '1.0.3' })).status).toBe(401);
  expect((await post([{ ...all[0], result: { score: { scaled: 2 } } }])).status).toBe(400);
  expect((await post([{ ...all[0], result: { response: 'other words' } }])).status).toBe(409);
  expect((await post({ nothing: true })).status).toBe(400);

  const stranger = await world.host();
  expect((await stranger.call('GET', `/api/sittings/${game}/statements.json`)).status).toBe(404);
  for (const wrong of ['', 'ftp://store.example', 'file:///etc/passwd', 'store.example'])
    expect((await send(wrong)).status).toBe(400);
  for (const within of [
    'http://127.0.0.1:1/x',
    'http://[::1]/x',
    'http://169.254.169.254/latest',
    'http://localhost/x',
  ])
    expect((await send(within)).status).toBe(502);
  await host.call('POST', `/api/sittings/${game}/anonymous`);
  expect((await send(STORE)).status).toBe(409);
});

describe('nothing is sent inside', () => {
  test.each([
    ['127.0.0.1', false],
    ['10.1.2.3', false],
    ['172.31.0.1', false],
    ['172.32.0.1', true],
    ['192.168.1.1', false],
    ['169.254.169.254', false],
    ['100.100.0.1', false],
    ['0.0.0.0', false],
    ['255.255.255.255', false],
    ['::1', false],
    ['::', false],
    ['fd00::1', false],
    ['fe80::1', false],
    ['::ffff:127.0.0.1', false],
    ['8.8.8.8', true],
    ['2001:4860:4860::8888', true],
    ['no address', false],
  ])('%s: %s', (address, outside) => expect(isOutside(address)).toBe(outside));

  test('a name that leads inside is not connected to', async () => {
    let knocks = 0;
    const server = createServer((_, response) => {
      knocks++;
      response.end();
    });
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    const { port } = server.address() as AddressInfo;
    for (const name of ['localhost', '127.0.0.1', '[::ffff:127.0.0.1]', '2130706433'])
      await expect(sendJson(new URL(`http://${name}:${port}/`), {}, '[]')).rejects.toThrow();
    expect(knocks).toBe(0);
    server.close();
  });
});
