/** @jest-environment jsdom */
import { afterEach, expect, jest, test } from '@jest/globals';
import { forgetToken, keepToken, readToken } from './seatToken.ts';

afterEach(() => {
  jest.restoreAllMocks();
  sessionStorage.clear();
  localStorage.clear();
});

test('a seat is known again on this device, by its code alone', () => {
  keepToken('CDFGH', 'secret');
  sessionStorage.clear();
  expect([readToken('CDFGH'), readToken('XYZ34')]).toEqual(['secret', null]);
  forgetToken('CDFGH');
  expect(readToken('CDFGH')).toBeNull();
});

test('two tabs of a shared tablet hold two seats', () => {
  keepToken('CDFGH', 'first');
  sessionStorage.clear();
  keepToken('CDFGH', 'second');
  expect(readToken('CDFGH')).toBe('second');
});

test('where the browser keeps nothing, nothing breaks', () => {
  for (const act of ['getItem', 'setItem', 'removeItem'] as const)
    jest.spyOn(Storage.prototype, act).mockImplementation(() => {
      throw new DOMException('shut', 'SecurityError');
    });
  keepToken('CDFGH', 'secret');
  expect(readToken('CDFGH')).toBeNull();
  forgetToken('CDFGH');
});
