import { describe, expect, jest, test } from '@jest/globals';
import type { ReactionCounts } from '@distaff/core/wire';
import { Reactions, REST } from '../src/live/reactions.ts';

describe('reactions', () => {
  test('are told together a few times a second; whoever shows one rests before the next', () => {
    jest.useFakeTimers();
    const told: ReactionCounts[] = [];
    const reactions = new Reactions((counts) => told.push(counts));
    for (let i = 0; i < 300; i++) reactions.take(`seat ${i}`, i % 3 === 0 ? 'heart' : 'clap', 1000);
    expect(reactions.take('seat 1', 'wow', 1000 + REST - 1)).toBe(false);
    expect(reactions.take('seat 1', 'wow', 1000 + REST)).toBe(true);
    expect(told).toEqual([]);
    jest.advanceTimersByTime(1000);
    expect(told).toEqual([{ heart: 100, clap: 200, wow: 1 }]);
    // However many come, three pictures a second are the most.
    for (let ms = 0; ms < 3000; ms += 10) {
      reactions.take(`other ${ms}`, 'laugh', 10_000 + ms);
      jest.advanceTimersByTime(10);
    }
    jest.advanceTimersByTime(1000);
    expect(told.length - 1).toBeLessThanOrEqual(10);
    expect(told.reduce((sum, { laugh = 0 }) => sum + laugh, 0)).toBe(300);
    jest.useRealTimers();
  });
});
