import * as v from 'valibot';
import { line, whole } from '../../text/schemas.ts';
import type { AnswerKind } from '../kind.ts';
import { inOrder } from './options.ts';

export const FEWEST_STEPS = 3;
export const MOST_STEPS = 11;

export const ScaleContent = v.object({
  kind: v.literal('scale'),
  steps: whole(FEWEST_STEPS, MOST_STEPS),
  /** What the first step is called: some scales begin with nothing at all. */
  from: v.picklist([0, 1]),
  /** What the two ends mean; empty where the figures say enough. */
  low: line(40),
  high: line(40),
});
export type ScaleContent = v.InferOutput<typeof ScaleContent>;

/** A step by its place, from 0; how it is called depends on `from`. */
export interface ScaleAnswer {
  step: number;
}

const Wire = v.object({ step: whole(0, MOST_STEPS - 1) });

/** A place between two ends: no key, no score. */
export const scale: AnswerKind<ScaleContent, ScaleAnswer> = {
  content: ScaleContent,
  given: 'handset',
  keyed: false,
  blank: () => ({ kind: 'scale', steps: 7, from: 1, low: '', high: '' }),
  lacks: () => [],
  asWritten: ({ steps }) => inOrder(steps),
  layOut: ({ steps }) => inOrder(steps),
  control: ({ steps, from, low, high }) => ({ type: 'scale', steps, from, low, high }),
  options: () => [],
  read({ steps }, _layout, wire) {
    const parsed = v.safeParse(Wire, wire);
    return parsed.success && parsed.output.step < steps ? parsed.output : null;
  },
  mark: () => null,
  show: ({ from }, _layout, { step }) => ({ slots: [step], text: String(step + from) }),
  key: () => ({ slots: [], texts: [] }),
  texts: ({ low, high }) => [low, high].filter((text) => text.trim() !== ''),
};
