import * as v from 'valibot';

export const patterns = [
  'plain',
  'twill',
  'herringbone',
  'basket',
  'houndstooth',
  'seersucker',
  'birdseye',
  'dimity',
  'tartan',
  'ikat',
  'cord',
  'gauze',
] as const;

/** The dyes that threads come in; how each looks is the interface's matter. */
export const dyes = ['moss', 'madder', 'weld', 'woad', 'heather', 'rust', 'slate', 'ink', 'chalk'] as const;

/** A drawn pattern in two colours: the sign of one team. */
export const Weave = v.object({
  pattern: v.picklist(patterns),
  warp: v.picklist(dyes),
  weft: v.picklist(dyes),
});
export type Weave = v.InferOutput<typeof Weave>;

const pairs: [Weave['warp'], Weave['weft']][] = [
  ['weld', 'ink'],
  ['woad', 'chalk'],
  ['madder', 'chalk'],
  ['moss', 'chalk'],
  ['heather', 'chalk'],
  ['rust', 'ink'],
  ['slate', 'chalk'],
];

/** The weave of the n-th team (0, 1, …): 84 pairs of pattern and colours before any comes again. */
export function weaveAt(n: number): Weave {
  const [warp, weft] = pairs[n % pairs.length]!;
  return { pattern: patterns[n % patterns.length]!, warp, weft };
}

/** The first weave that none of `taken` has. */
export function freeWeave(taken: readonly Weave[]): Weave {
  const key = (weave: Weave) => `${weave.pattern} ${weave.warp} ${weave.weft}`;
  const used = new Set(taken.map(key));
  const count = patterns.length * pairs.length;
  const n = Array.from({ length: count }, (_, i) => i).find((i) => !used.has(key(weaveAt(i))));
  return weaveAt(n ?? 0);
}
