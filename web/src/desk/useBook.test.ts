/** @jest-environment jsdom */
import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import type { BookRequest } from '@distaff/core/sitting';
import { nextTick, ref } from 'vue';
import { endApps, inApp } from '../test/inApp.ts';
import { useSitting } from '../live/sitting.ts';
import { useBook } from './useBook.ts';

let asked: ReturnType<typeof ref<BookRequest | null>>;
let book: ReturnType<typeof useBook>;
let lookUp: jest.Mock<(request: BookRequest) => Promise<unknown>>;
const view = (seq: number) => (useSitting().view = { seq, teams: [], private: { seats: [] } } as never);

beforeEach(() => {
  jest.useFakeTimers();
  asked = ref<BookRequest | null>(null);
  lookUp = jest.fn(async () => ({ seq: useSitting().desk!.seq, lines: [] }));
  book = inApp(() => {
    view(1);
    Object.assign(useSitting(), { lookUp });
    return useBook(() => asked.value ?? null);
  });
});
afterEach(() => {
  endApps();
  jest.useRealTimers();
});
const rest = () => jest.advanceTimersByTimeAsync(2000);
const request = (from: number) => ({ what: 'scores', from }) as never;

test('nothing is looked up while nothing is open', async () => {
  view(2);
  await rest();
  expect([lookUp.mock.calls.length, book.value]).toEqual([0, null]);
});

test('what is open is looked up at once, and again after what happens – not once for each thing', async () => {
  asked.value = request(0);
  await nextTick();
  expect(lookUp).toHaveBeenCalledTimes(1);
  await rest();
  for (let seq = 2; seq < 30; seq++) {
    view(seq);
    await nextTick();
  }
  await rest();
  expect(lookUp).toHaveBeenCalledTimes(2);
  expect(book.value).toMatchObject({ seq: 29 });
});

test('what did not come, or is older than what is seen, is asked for again', async () => {
  lookUp.mockResolvedValueOnce(null).mockResolvedValueOnce({ seq: 0 });
  asked.value = request(0);
  await rest();
  expect([lookUp.mock.calls.length, book.value]).toMatchObject([3, { seq: 1 }]);
  await rest();
  expect(lookUp).toHaveBeenCalledTimes(3);
});

test('what is asked for meanwhile comes after what was asked first', async () => {
  asked.value = request(0);
  await nextTick();
  asked.value = request(50);
  await rest();
  expect(lookUp.mock.calls.at(-1)).toEqual([request(50)]);
});
