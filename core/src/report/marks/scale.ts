import type { MarkRule, Scale } from './rule.ts';

/** Floating point must not make 2.4999999 of what is 2.5. */
const HAIR = 1e-9;

/** Rounds to so many digits; half goes away from zero. */
export function roundMark(
  value: number,
  { digits, rounding }: Pick<MarkRule, 'digits' | 'rounding'>,
): number {
  const scaled = Math.abs(value) * 10 ** digits;
  const sign = Math.sign(value);
  // Up and down are meant as numbers, also below zero.
  const up = (rounding === 'up') === value >= 0;
  const whole =
    rounding === 'nearest'
      ? Math.floor(scaled + 0.5 + HAIR)
      : up
        ? Math.ceil(scaled - HAIR)
        : Math.floor(scaled + HAIR);
  return (sign * whole) / 10 ** digits + 0;
}

/** The mark for so many percent on a scale of numbers, not rounded; beyond 100 % there is nothing better than the best. */
export function onRange(percent: number, { worst, best, pass }: Extract<Scale, { kind: 'range' }>): number {
  const share = Math.min(1, Math.max(0, percent / 100));
  if (!pass) return worst + (best - worst) * share;
  const at = pass.percent / 100;
  if (share < at) return worst + (pass.mark - worst) * (share / at);
  return at === 1 ? best : pass.mark + (best - pass.mark) * ((share - at) / (1 - at));
}

/** The letter for so many percent: the highest step that is reached; the last one below all. */
export function letterFor(percent: number, { steps }: Extract<Scale, { kind: 'letters' }>): string {
  const sorted = [...steps].sort((a, b) => b.from - a.from);
  return (sorted.find(({ from }) => percent >= from - HAIR) ?? sorted.at(-1)!).name;
}
