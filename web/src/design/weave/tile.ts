import type { Weave } from '@distaff/core/show';
import { dyeColours } from '../tokens.ts';
import { drafts, type Crossing, type Draft } from './drafts.ts';

/** A thread in a tile is one unit wide; a float is somewhat narrower, with rounded corners. */
const WIDTH = 0.9;
const CORNER = 0.14;
/** So wide is a thread on a page (px) where nothing else is said. */
const THREAD = 3;

const same = (a: Crossing, b: Crossing) => a !== null && b !== null && a.warp === b.warp && a.yarn === b.yarn;

/** The floats of one yarn as a path: threads that lie on top over several crossings, each a bar. */
function floats({ across, down, at }: Draft, yarn: 0 | 1): string {
  const inset = (1 - WIDTH) / 2 + CORNER;
  const bars: string[] = [];
  for (let i = 0; i < across; i++)
    for (let j = 0; j < down; j++) {
      const here = at(i, j);
      if (here?.yarn !== yarn) continue;
      const [di, dj] = here.warp ? [0, 1] : [1, 0];
      const of = here.warp ? down : across;
      const n = here.warp ? j : i;
      const before = at((i - di + across) % across, (j - dj + down) % down);
      // A float is drawn once, from where it begins; one that comes in from the next tile begins outside.
      if (n > 0 && same(before, here)) continue;
      let length = 1;
      while (n + length < of && same(at(i + di * length, j + dj * length), here)) length++;
      const first = at(here.warp ? i : 0, here.warp ? 0 : j);
      const from = n === 0 && same(before, here) ? -1 : 0;
      const to = n + length === of && same(first, here) ? 1 : 0;
      const span = length - from + to - (from ? 0 : inset) - (to ? 0 : inset);
      const [x, y] = here.warp ? [i + inset, j + (from ? -1 : inset)] : [i + (from ? -1 : inset), j + inset];
      const thick = 1 - 2 * inset;
      bars.push(
        here.warp
          ? `M${fixed(x)} ${fixed(y)}h${fixed(thick)}v${fixed(span)}h${fixed(-thick)}z`
          : `M${fixed(x)} ${fixed(y)}h${fixed(span)}v${fixed(thick)}h${fixed(-span)}z`,
      );
    }
  return bars.join('');
}
const fixed = (n: number) => String(Math.round(n * 100) / 100);

/** How light a colour is, 0 … 1 (the lightness of HSL is enough to tell two yarns apart). */
const light = (hex: string) =>
  [1, 3, 5].reduce((sum, at) => sum + Number.parseInt(hex.slice(at, at + 2), 16), 0) / 765;

const made = new Map<string, Tile>();
export interface Tile {
  /** The repeat, in threads. */
  across: number;
  down: number;
  /** SVG shapes that fill it; a thread is one unit wide. */
  shapes: string;
}

/** The tile of a weave, drawn once. Between the floats the darker yarn is seen, in the shade. */
export function tileOf(weave: Weave): Tile {
  const key = `${weave.pattern} ${weave.warp} ${weave.weft}`;
  const known = made.get(key);
  if (known) return known;
  const draft = drafts[weave.pattern];
  const colours = [dyeColours[weave.warp], dyeColours[weave.weft]] as const;
  const dark = light(colours[0]) < light(colours[1]) ? colours[0] : colours[1];
  const all = `M0 0h${draft.across}v${draft.down}H0z`;
  const bars = ([0, 1] as const)
    .map((yarn) => {
      const path = floats(draft, yarn);
      const colour = colours[yarn];
      return `<path d="${path}" fill="${colour}" stroke="${colour}" stroke-width="${2 * CORNER}" stroke-linejoin="round"/>`;
    })
    .join('');
  const shapes = `<path d="${all}" fill="${dark}"/><path d="${all}" opacity=".5"/>${bars}`;
  const tile = { across: draft.across, down: draft.down, shapes };
  made.set(key, tile);
  return tile;
}

/** A pattern definition with an id, for drawings that are saved as SVG; `thread` is how wide one is in it. */
export function patternDef(id: string, weave: Weave, thread = THREAD): string {
  const { across, down, shapes } = tileOf(weave);
  return (
    `<pattern id="${id}" width="${across}" height="${down}" patternUnits="userSpaceOnUse"` +
    ` patternTransform="scale(${thread})">${shapes}</pattern>`
  );
}

const images = new Map<Tile, string>();
/**
 * A CSS background that repeats the weave. A thread is `--thread` wide, which the stage sets by its own size;
 * elsewhere 3 px. `scale` makes it coarser or finer.
 */
export function weaveBackground(weave: Weave, scale = 1): Record<string, string> {
  const tile = tileOf(weave);
  const { across, down, shapes } = tile;
  let image = images.get(tile);
  if (!image) {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${across}" height="${down}" viewBox="0 0 ${across} ${down}">${shapes}</svg>`;
    images.set(tile, (image = `url("data:image/svg+xml,${encodeURIComponent(svg)}")`));
  }
  const size = (threads: number) => `calc(${threads * scale} * var(--thread, ${THREAD}px))`;
  return {
    backgroundImage: image,
    backgroundSize: `${size(across)} ${size(down)}`,
    backgroundRepeat: 'repeat',
  };
}
