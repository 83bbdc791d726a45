import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { createPinia, setActivePinia } from 'pinia';
import { marks } from '../design/marks.ts';
import { fakeServer, refusal } from '../test/fakeServer.ts';
import { forget } from './kept.ts';
import { usePractice } from './practice.ts';

/** What a browser keeps. */
const stored = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (name: string) => stored.get(name) ?? null,
    setItem: (name: string, value: string) => void stored.set(name, value),
    removeItem: (name: string) => void stored.delete(name),
  },
});

const run = (overAt: number | null, waits = 'answer') => ({
  run: { id: 'r1', kind: 'counted', attempt: 1, begunAt: 0, overAt, until: null, summary: { lengths: [] } },
  view: { waits, summary: { lengths: [] } },
  now: Date.now(),
});
let me: object | null;
let answer: () => object | Response;
let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  stored.clear();
  forget('waiting-ABCDE');
  jest.useFakeTimers();
  setActivePinia(createPinia());
  me = null;
  answer = () => run(null, 'goOn');
  server = fakeServer({
    'GET /api/practice/ABCDE': () => ({ head: { now: Date.now() + 5000, settings: {} }, me }),
    'POST /api/practice/ABCDE/me': () => ({ name: 'Ansa', runs: [], elsewhere: false }),
    'DELETE /api/practice/ABCDE/me': () => undefined,
    'POST /api/practice/ABCDE/runs': () => run(null),
    'GET /api/practice/ABCDE/runs/*': () => run(null),
    'POST /api/practice/ABCDE/runs/*/commands': () => answer(),
  });
});
afterEach(() => {
  jest.useRealTimers();
  jest.restoreAllMocks();
});

async function begun() {
  const practice = usePractice();
  await practice.open('ABCDE');
  await practice.enter('Ansa');
  await practice.begin('counted');
  return practice;
}
const command = { type: 'answer', play: 3, answer: { slot: 1 } } as const;
const sent = () =>
  server.of('POST /api/practice/ABCDE/runs/*/commands').map(({ body }) => body as { id: string });

test('what cannot be sent is kept and sent again, under the same id, until it has arrived', async () => {
  const practice = await begun();
  let away = 2;
  answer = () => {
    if (away-- > 0) throw new TypeError('network');
    return run(null, 'goOn');
  };
  const done = practice.send(command);
  await jest.advanceTimersByTimeAsync(0);
  expect(practice.offline).toBe(true);
  expect(localStorage.getItem('distaff-practice-waiting-ABCDE')).toContain('"slot":1');
  // A second tap meanwhile is not another answer.
  expect(await practice.send(command)).toBe(false);
  await jest.advanceTimersByTimeAsync(10_000);
  await done;
  expect(new Set(sent().map(({ id }) => id)).size).toBe(1);
  expect(sent()).toHaveLength(3);
  expect(practice.offline).toBe(false);
  expect(practice.now?.view.waits).toBe('goOn');
  expect(localStorage.getItem('distaff-practice-waiting-ABCDE')).toBeNull();
});

test('a page that was closed with something unsent sends it when it is opened again', async () => {
  const waiting = { run: 'r1', id: 'kept', command };
  localStorage.setItem('distaff-practice-waiting-ABCDE', JSON.stringify(waiting));
  me = { name: 'Ansa', elsewhere: false, runs: [run(null).run] };
  const practice = usePractice();
  await practice.open('ABCDE');
  expect(sent()).toEqual([{ id: 'kept', command }]);
  expect(practice.now?.view.waits).toBe('goOn');
});

test('what the server refuses is said, and the run shown as it stands; what came too late is only shown', async () => {
  const practice = await begun();
  answer = () => refusal(409, 'invalid', 'That is no answer.');
  await practice.send(command);
  expect([practice.notice, practice.now?.view.waits]).toEqual(['That is no answer.', 'answer']);
  answer = () => refusal(409, 'late', 'Answers are closed.');
  await practice.send(command);
  expect([practice.notice, practice.now?.view.waits]).toEqual(['', 'answer']);
});

test('the attempt that is on goes on by itself; one whose time is over does not; the token stays', async () => {
  me = { name: 'Ansa', elsewhere: false, runs: [{ ...run(null).run, until: Date.now() - 1 }] };
  const practice = usePractice();
  await practice.open('ABCDE');
  expect(practice.now).toBeNull();
  me = { name: 'Ansa', elsewhere: false, runs: [run(null).run] };
  setActivePinia(createPinia());
  const again = usePractice();
  await again.open('ABCDE');
  expect(again.now?.run.id).toBe('r1');
  const tokens = (globalThis.fetch as unknown as jest.Mock).mock.calls.map(
    ([, init]) => (init as { headers: { authorization: string } }).headers.authorization,
  );
  expect(new Set(tokens).size).toBe(1);
  expect(again.ahead).toBeGreaterThan(-1000);
});

test('a code that leads nowhere is said; whoever is somebody else leaves', async () => {
  server.routes['GET /api/practice/ABCDE'] = () => refusal(404, 'notThere', 'No practice is offered here.');
  const lost = usePractice();
  await lost.open('ABCDE');
  expect(lost.missing).toBe('No practice is offered here.');
  server.routes['GET /api/practice/ABCDE'] = () => ({ head: { now: 0, settings: {} }, me: null });
  setActivePinia(createPinia());
  const practice = await begun();
  await practice.leave();
  expect([practice.now, practice.me]).toEqual([null, null]);
});

test.each([
  [0, '0'],
  [9, '9'],
  [9.5, '9½'],
  [0.5, '½'],
  [2.25, '2.25'],
  [1 / 3, '0.33'],
  [1200.5, '1,200½'],
])('%s marks are written %s', (n, text) => expect(marks(n)).toBe(text));
