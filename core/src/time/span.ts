/** A stretch of time that is not known exactly, in seconds. */
export interface Span {
  low: number;
  likely: number;
  high: number;
}

export const NOTHING: Span = { low: 0, likely: 0, high: 0 };
export const exactly = (seconds: number): Span => ({ low: seconds, likely: seconds, high: seconds });
export const times = ({ low, likely, high }: Span, n: number): Span => ({
  low: low * n,
  likely: likely * n,
  high: high * n,
});

/**
 * The sum of stretches that do not depend on each other: what runs over in one is partly made up
 * for by another, so the distances from the likely value add up as their squares (propagation of
 * independent uncertainties).
 */
export function together(spans: readonly Span[]): Span {
  const likely = spans.reduce((sum, span) => sum + span.likely, 0);
  const root = (distance: (span: Span) => number) =>
    Math.sqrt(spans.reduce((sum, span) => sum + distance(span) ** 2, 0));
  return {
    low: Math.max(0, likely - root((span) => span.likely - span.low)),
    likely,
    high: likely + root((span) => span.high - span.likely),
  };
}

/** Widens a span on both sides by a share of its likely value. */
export const widened = ({ low, likely, high }: Span, by: number): Span => ({
  low: Math.max(0, low - likely * by),
  likely,
  high: high + likely * by,
});
