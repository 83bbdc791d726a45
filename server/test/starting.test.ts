import { chmodSync, mkdtempSync, readFileSync, rmSync, writeFileSync, mkdirSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, expect, test } from '@jest/globals';
import Koa from 'koa';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { claimDataFolder } from '../../scripts/lib/dataFolder.mjs';
import { LogFile } from '../../scripts/lib/logFile.mjs';
import { reviver } from '../../scripts/lib/revive.mjs';
import { holdAlone } from '../src/db/soleUse.ts';
import { healthRoutes } from '../src/http/health.ts';

const folder = mkdtempSync(path.join(os.tmpdir(), 'distaff-starting-'));
const databaseUrl = process.env.TEST_DATABASE_URL!;
afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('a log that cannot be written ends nobody, and goes on when there is room again', () => {
  const place = path.join(folder, 'logs');
  mkdirSync(place);
  const file = path.join(place, 'server.log');
  const log = new LogFile(file, 10);
  expect(log.write('one\n')).toBe(true);
  rmSync(place, { recursive: true });
  expect(log.write('two\n')).toBe(false);
  mkdirSync(place);
  expect(log.write('at once it is not tried\n')).toBe(false);
  const later = new LogFile(file, 10);
  for (const line of ['three is long\n', 'four\n']) expect(later.write(line)).toBe(true);
  expect(readFileSync(file, 'utf8')).toBe('four\n');
  expect(readFileSync(`${file}.1`, 'utf8')).toBe('three is long\n');
});

test('what ended is started until it runs, however often it ends; on purpose it stays ended', async () => {
  const waits: number[] = [];
  let failures = 0;
  let starts = 0;
  let ending = false;
  const revive = reviver(
    'It',
    async () => {
      starts += 1;
      if (failures-- > 0) throw new Error('No database yet.');
    },
    () => ending,
    { wait: async (ms: number) => void waits.push(ms), now: () => 0, tell: () => undefined },
  );
  for (let death = 0; death < 100; death++) {
    failures = death % 3;
    await revive();
    expect(failures).toBe(-1);
  }
  expect(starts).toBe(100 + 99);
  expect(Math.max(...waits)).toBeLessThanOrEqual(15_000);
  expect(waits[1]!).toBeGreaterThan(waits[0]!);
  ending = true;
  await revive();
  expect(starts).toBe(199);
});

test.each([
  ['a file of that name', (place: string) => writeFileSync(place, ''), /cannot be used: a file of that name/],
  [
    'another start command',
    (place: string) => {
      mkdirSync(place);
      writeFileSync(path.join(place, 'start.pid'), String(process.pid));
    },
    null,
  ],
  [
    'no leave to write',
    (place: string) => {
      mkdirSync(place);
      chmodSync(place, 0o500);
    },
    process.getuid?.() === 0 ? null : /may not write there/,
  ],
])('a data folder with %s is told in one line', (name, make, says) => {
  const place = path.join(folder, name.replaceAll(' ', '-'));
  make(place);
  const claim = () => claimDataFolder(place);
  let told = '';
  try {
    claim();
  } catch (error) {
    told = (error as Error).message;
  }
  expect(told).toMatch(says ?? /^$/);
});

test('a database belongs to one server at a time', async () => {
  const letGo = await holdAlone(databaseUrl, 0);
  await expect(holdAlone(databaseUrl, 0)).rejects.toThrow('Another Distaff uses this database already');
  await letGo();
  await (
    await holdAlone(databaseUrl, 0)
  )();
});

test('what is wrong with the database is told without its statements and passwords', async () => {
  const wrong = new URL(databaseUrl);
  wrong.password = 'not-the-password';
  const nobody = new URL(databaseUrl);
  nobody.port = '1';
  for (const [url, says] of [
    [wrong.href, /name and password in DATABASE_URL/],
    [nobody.href, /No MariaDB answers/],
  ] as const) {
    await expect(holdAlone(url, 0)).rejects.toThrow(says);
    await expect(holdAlone(url, 0)).rejects.not.toThrow('not-the-password');
  }
});

test('a database that hangs is told in time', async () => {
  const app = new Koa();
  const routes = healthRoutes(
    () => new Promise<void>(() => undefined),
    () => true,
    null,
  );
  app.use(routes.routes());
  const server = createServer((request, response) => void app.callback()(request, response));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const began = performance.now();
  const answer = await fetch(`http://127.0.0.1:${(server.address() as AddressInfo).port}/healthz`);
  expect(answer.status).toBe(503);
  expect(performance.now() - began).toBeLessThan(6000);
  server.close();
});
