import type { MarkRule, Scale } from './rule.ts';

/** Scales that are at hand; each can be changed once it is chosen. */
export const scaleNames = ['raw', 'hundred', 'sixBest', 'oneBest', 'letters', 'own'] as const;
export type ScaleName = (typeof scaleNames)[number];

const range = (worst: number, best: number, pass: { mark: number; percent: number } | null): Scale => ({
  kind: 'range',
  worst,
  best,
  pass,
});
/** With what each begins, and how finely it is usually told (common practice). */
export const scales: Record<ScaleName, Pick<MarkRule, 'scale' | 'digits'>> = {
  raw: { scale: { kind: 'raw' }, digits: 0 },
  hundred: { scale: range(0, 100, null), digits: 0 },
  sixBest: { scale: range(1, 6, { mark: 4, percent: 60 }), digits: 1 },
  oneBest: { scale: range(6, 1, { mark: 4, percent: 50 }), digits: 1 },
  letters: {
    scale: {
      kind: 'letters',
      steps: [
        { name: 'A', from: 90 },
        { name: 'B', from: 80 },
        { name: 'C', from: 70 },
        { name: 'D', from: 60 },
        { name: 'F', from: 0 },
      ],
    },
    digits: 0,
  },
  own: { scale: range(0, 20, null), digits: 0 },
};

/** What a scale is called: the one at hand with its ends, else one's own. */
export function nameOfScale(scale: Scale): ScaleName {
  if (scale.kind !== 'range') return scale.kind;
  const same = scaleNames.find((name) => {
    const { scale: at } = scales[name];
    return at.kind === 'range' && at.worst === scale.worst && at.best === scale.best;
  });
  return same ?? 'own';
}
