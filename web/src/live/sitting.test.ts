import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from '@jest/globals';
import type { ToClient, ToServer } from '@distaff/core/wire';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { createPinia, setActivePinia } from 'pinia';
import { Server, type Socket } from 'socket.io';
import { useSitting } from './sitting.ts';
import { say } from '../test/inApp.ts';

type Guest = Socket<ToServer, ToClient>;

/** A server that says what a test tells it to; what it hears is kept. */
const http = createServer();
let io: Server<ToServer, ToClient>;
let heard: { id: string; by: string }[] = [];
let refuse: (() => Error | undefined) | null = null;
/** How a command is answered; nothing where the answer is lost. */
let answer: (n: number) => object | null = () => ({ ok: true, seq: 1 });
let guests: Guest[] = [];

beforeAll(async () => {
  await new Promise<void>((listening) => http.listen(0, '127.0.0.1', () => listening()));
  const { port } = http.address() as AddressInfo;
  // The client looks for its server where its page came from.
  Object.assign(globalThis, {
    location: { protocol: 'http:', hostname: '127.0.0.1', port: String(port), host: `127.0.0.1:${port}` },
  });
  io = new Server(http);
  io.use((_, next) => next(refuse?.()));
  io.on('connection', (guest) => {
    guests.push(guest);
    guest.on('time', (reply) => reply(Date.now() + 5000));
    guest.on('command', (command, reply) => {
      heard.push({ id: (command as { id: string }).id, by: guest.id });
      const told = answer(heard.length);
      if (told) reply(told as never);
    });
  });
});
afterAll(async () => {
  await io.close();
});

let sitting: ReturnType<typeof useSitting>;
beforeEach(() => {
  setActivePinia(createPinia());
  sitting = useSitting();
  heard = [];
  guests = [];
  refuse = null;
  answer = () => ({ ok: true, seq: 1 });
});
afterEach(() => sitting.leave());

const hello = () => ({ as: 'stage', code: 'CDFGH' }) as const;
const until = async (is: () => unknown) => {
  const end = Date.now() + 8000;
  while (!is()) {
    if (Date.now() > end) throw new Error(`never: ${is.toString()}`);
    await new Promise((go) => setTimeout(go, 10));
  }
};
const connected = async () => {
  sitting.connect(hello);
  await until(() => sitting.connected);
};
const pose = { type: 'pose' } as const;

test('what is asked is sent once and answered; the time is the server’s', async () => {
  await connected();
  expect(await sitting.send(pose)).toEqual({ ok: true, seq: 1 });
  expect(heard).toHaveLength(1);
  await until(() => Math.abs(sitting.serverNow() - Date.now() - 5000) < 200);
});

test('what is asked while the server ended the connection waits, and goes out with the next', async () => {
  await connected();
  guests[0]!.disconnect(true);
  await until(() => !sitting.connected);
  const asked = sitting.send(pose);
  expect(sitting.waiting).toBe(1);
  expect(await asked).toMatchObject({ ok: true });
  expect([sitting.waiting, guests.length]).toEqual([0, 2]);
});

test('an answer that was lost is asked for again, with the same id, before anything else', async () => {
  // The server hears it, and the connection breaks before it can answer.
  answer = (n) => {
    if (n === 1) guests[0]!.conn.close();
    return n === 1 ? null : { ok: true, seq: n };
  };
  await connected();
  const both = await Promise.all([sitting.send(pose), sitting.send({ type: 'open' })]);
  expect(both).toEqual([
    { ok: true, seq: 2 },
    { ok: true, seq: 3 },
  ]);
  expect(heard[0]!.id).toBe(heard[1]!.id);
  expect(heard[2]!.id).not.toBe(heard[1]!.id);
  expect(heard[0]!.by).not.toBe(heard[1]!.by);
});

test('what could not be stored is tried until it is, and why is said meanwhile', async () => {
  answer = (n) => (n < 3 ? { refused: 'retry', says: 'retryStore' } : { ok: true, seq: 1 });
  await connected();
  const asked = sitting.send(pose);
  await until(() => sitting.trouble.startsWith('Couldn’t save'));
  await asked;
  expect([heard.length, sitting.trouble]).toEqual([3, '']);
});

test('an older view never replaces a newer one', async () => {
  await connected();
  for (const seq of [3, 2, 5, 4]) guests[0]!.emit('view', { seq } as never);
  guests[0]!.emit('present', ['s1']);
  await until(() => sitting.present.has('s1'));
  expect(sitting.view).toEqual({ seq: 5 });
});

test('what a command changed of the own seat comes with its answer', async () => {
  let told = 0;
  await connected();
  sitting.onSeat(() => told++);
  guests[0]!.emit('seat', { seat: 's1', name: 'Ansa', given: null } as never);
  await until(() => sitting.seat);
  answer = () => ({ ok: true, seq: 1, seat: { given: 'B' } });
  await sitting.send(pose);
  expect(sitting.seat).toMatchObject({ name: 'Ansa', given: 'B' });
  expect(told).toBe(2);
});

test('whoever leaves is not waited for, and what was abandoned says nothing more', async () => {
  // Not final: it would come again in a second.
  const slow = Object.assign(new Error('slow'), { data: { code: 'slow', says: 'notReady', final: false } });
  refuse = () => slow;
  sitting.connect(hello);
  await new Promise((go) => setTimeout(go, 150));
  const asked = sitting.send(pose);
  sitting.leave();
  expect(await asked).toMatchObject({ refused: 'notNow', says: '' });
  refuse = null;
  await connected();
  const wrong = Object.assign(new Error('none'), {
    data: { code: 'none', says: 'codeNotOpen', final: true },
  });
  refuse = () => wrong;
  await new Promise((go) => setTimeout(go, 1300));
  expect([sitting.connected, sitting.turnedAway, guests.length]).toEqual([true, null, 1]);
});

test('whoever may not be here is told why, and is not tried again', async () => {
  const wrong = Object.assign(new Error('none'), {
    data: { code: 'none', says: 'codeNotOpen', final: true },
  });
  let tries = 0;
  refuse = () => (tries++, wrong);
  sitting.connect(hello);
  await until(() => sitting.turnedAway);
  expect(sitting.turnedAway).toEqual({ code: 'none', sentence: say('refusals.codeNotOpen') });
  await new Promise((go) => setTimeout(go, 1200));
  expect(tries).toBe(1);
});
