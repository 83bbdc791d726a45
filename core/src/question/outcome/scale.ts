import { wholePercentages } from '../../rank/percentages.ts';

/** How people spread over the steps of a scale. */
export interface ScaleOutcome {
  type: 'scale';
  of: number;
  counts: number[];
  percents: number[];
  /** What the first step is called. */
  from: number;
  /** The arithmetic mean of the steps as they are called; null where nobody answered. */
  mean: number | null;
  /** The standard deviation of those who answered: with n, since nobody is drawn from a larger crowd. */
  deviation: number | null;
  /**
   * The fewest neighbouring steps that hold at least half of the answers, by their names; of several such the
   * fullest, then the lowest. `more` where they hold more than half.
   */
  middle: { from: number; to: number; more: boolean } | null;
}

function middleOf(counts: readonly number[], of: number): { at: number; length: number; held: number } {
  for (let length = 1; length <= counts.length; length++) {
    let best: { at: number; length: number; held: number } | null = null;
    for (let at = 0; at + length <= counts.length; at++) {
      const held = counts.slice(at, at + length).reduce((sum, count) => sum + count, 0);
      if (held * 2 >= of && held > (best?.held ?? 0)) best = { at, length, held };
    }
    if (best) return best;
  }
  return { at: 0, length: counts.length, held: of };
}

/** @param counts how many chose each step. */
export function onScale(counts: readonly number[], from: number): ScaleOutcome {
  const of = counts.reduce((sum, count) => sum + count, 0);
  const sumOf = (value: (step: number) => number) =>
    counts.reduce((sum, count, i) => sum + count * value(i + from), 0);
  const mean = of === 0 ? null : sumOf((step) => step) / of;
  const middle = of === 0 ? null : middleOf(counts, of);
  return {
    type: 'scale',
    of,
    counts: [...counts],
    percents: wholePercentages(counts),
    from,
    mean,
    deviation: mean === null ? null : Math.sqrt(sumOf((step) => (step - mean) ** 2) / of),
    middle: middle && {
      from: middle.at + from,
      to: middle.at + middle.length - 1 + from,
      more: middle.held * 2 > of,
    },
  };
}
