import { describe, expect, test } from '@jest/globals';
import { CodeGuesses } from '../src/auth/codeGuesses.ts';

describe('guessing join codes', () => {
  test('one address: a class may mistype, then each further try waits twice as long', () => {
    const guesses = new CodeGuesses();
    for (let i = 0; i < 40; i++) {
      expect(guesses.wait('school', 1000)).toBe(0);
      guesses.failed('school', 1000);
    }
    expect(guesses.wait('school', 1000)).toBe(1000);
    guesses.failed('school', 2000);
    expect(guesses.wait('school', 2000)).toBe(2000);
    expect(guesses.wait('elsewhere', 2000)).toBe(0);
  });

  test('in all: while many addresses guess, each has one free wrong code; who was never wrong comes in', () => {
    const guesses = new CodeGuesses();
    for (let i = 0; i < 299; i++) guesses.failed(`bot-${i}`, 5000 + i);
    expect(guesses.wait('bot-7', 5300)).toBe(0);
    guesses.failed('bot-299', 5300);
    expect(guesses.wait('bot-299', 5300)).toBe(1000);
    expect(guesses.wait('phone', 5300)).toBe(0);
    // A minute after the storm all is as before.
    expect(guesses.wait('bot-299', 66_000)).toBe(0);
  });
});
