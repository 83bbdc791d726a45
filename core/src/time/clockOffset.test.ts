import { describe, expect, test } from '@jest/globals';
import { clockOffset } from './clockOffset.ts';

describe('clock offset (RFC 5905 section 8: offset = ((T2 − T1) + (T3 − T4)) / 2, delay = T4 − T1)', () => {
  test.each([
    // Server 100 ms ahead, 10 ms each way.
    [[{ sent: 0, server: 110, received: 20 }], { offset: 100, uncertainty: 10 }],
    // A slow sample is left out: only the best half counts.
    [
      [
        { sent: 0, server: 110, received: 20 },
        { sent: 100, server: 1000, received: 900 },
      ],
      { offset: 100, uncertainty: 10 },
    ],
    [[], null],
  ])('case %#', (samples, expected) => {
    expect(clockOffset(samples)).toEqual(expected);
  });
});
