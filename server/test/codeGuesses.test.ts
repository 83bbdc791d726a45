import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { CodeGuesses } from '../src/auth/codeGuesses.ts';
import { Throttle } from '../src/auth/throttle.ts';

beforeEach(() => {
  jest.useFakeTimers({ now: 0 });
});
afterEach(() => {
  jest.useRealTimers();
});

test('waits double from the third try on, up to a minute; what succeeds is forgotten', async () => {
  const guesses = new Throttle();
  const waits: number[] = [];
  for (let i = 0; i < 12; i++) {
    expect(await guesses.take('somebody')).toBe(0);
    // Whoever asks again at once is told how long, and nothing is counted.
    waits.push(await guesses.wait('somebody'));
    if (waits.at(-1)! > 0) expect(await guesses.take('somebody')).toBe(waits.at(-1));
    jest.advanceTimersByTime(waits.at(-1)!);
  }
  expect(waits).toEqual([0, 0, ...[1, 2, 4, 8, 16, 32, 60, 60, 60, 60].map((s) => s * 1000)]);
  await guesses.succeeded('somebody');
  expect(await guesses.take('somebody')).toBe(0);
  expect(await guesses.wait('somebody')).toBe(0);
});

test('many tries at once are counted before any of them is looked at', async () => {
  const guesses = new Throttle();
  const told = [];
  for (let i = 0; i < 8; i++) told.push(guesses.take('somebody'));
  expect((await Promise.all(told)).filter((wait) => wait === 0).length).toBeLessThanOrEqual(3);
});

describe('guessing join codes', () => {
  test('one address: a class may mistype, then each further try waits twice as long', async () => {
    const guesses = new CodeGuesses();
    for (let i = 0; i < 40; i++) {
      expect(await guesses.wait('school')).toBe(0);
      await guesses.failed('school');
    }
    expect(await guesses.wait('school')).toBe(1000);
    jest.advanceTimersByTime(1000);
    await guesses.failed('school');
    expect(await guesses.wait('school')).toBe(2000);
    expect(await guesses.wait('elsewhere')).toBe(0);
  });

  test('in all: while many addresses guess, each has one free wrong code; who was never wrong comes in', async () => {
    const guesses = new CodeGuesses();
    for (let i = 0; i < 299; i++) await guesses.failed(`bot-${i}`);
    jest.advanceTimersByTime(1000);
    expect(await guesses.wait('bot-7')).toBe(0);
    await guesses.failed('bot-299');
    expect(await guesses.wait('bot-299')).toBe(1000);
    expect(await guesses.wait('phone')).toBe(0);
    // A minute after the storm all is as before.
    jest.advanceTimersByTime(60_000);
    expect(await guesses.wait('bot-299')).toBe(0);
  });
});
