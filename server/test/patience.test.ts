import { afterAll, beforeAll, expect, test } from '@jest/globals';
import Koa from 'koa';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { patience } from '../src/http/patience.ts';
import { Problem } from '../src/problem.ts';

let server: Server;
let url: string;
/** Lets go whatever hangs. */
let answer: (fails?: Error) => void;

beforeAll(async () => {
  const app = new Koa();
  app.use(async (ctx, next) => {
    await next().catch((error: Problem) => {
      ctx.status = error.status;
      ctx.body = { says: error.says };
    });
  });
  app.use(patience(60));
  app.use(async (ctx) => {
    if (ctx.path !== '/api/quick')
      await new Promise<void>((resolve, reject) => (answer = (error) => (error ? reject(error) : resolve())));
    ctx.body = { ok: true };
  });
  server = app.listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => void server.close());

test('a page that reads from a database which hangs is told so', async () => {
  const response = await fetch(`${url}/api/shows`);
  expect(response.status).toBe(503);
  expect(await response.json()).toEqual({
    says: 'databaseAway',
  });
  // What comes of it later reaches nobody and harms nothing.
  answer(new Error('lost'));
  expect((await fetch(`${url}/api/quick`)).status).toBe(200);
});

test('what is written is waited for', async () => {
  const sent = fetch(`${url}/api/shows`, { method: 'POST' });
  await new Promise((go) => setTimeout(go, 150));
  answer();
  expect(await (await sent).json()).toEqual({ ok: true });
});
