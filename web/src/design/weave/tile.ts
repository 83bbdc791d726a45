import type { Weave } from '@distaff/core/show';
import { dyeColours } from '../tokens.ts';

/** A pattern: the side of its square tile, and what the second thread draws on the first (`c` is its colour). */
interface Drawing {
  size: number;
  draw: (c: string) => string;
}

const stroke = (c: string, width: number, path: string) =>
  `<path d="${path}" fill="none" stroke="${c}" stroke-width="${width}"/>`;
const fill = (c: string, path: string) => `<path d="${path}" fill="${c}"/>`;

const drawings: Record<Weave['pattern'], Drawing> = {
  plain: { size: 12, draw: (c) => fill(c, 'M0 0h6v6H0zM6 6h6v6H6z') },
  twill: { size: 12, draw: (c) => stroke(c, 4, 'M-3 3 3 -3M-3 15 15 -3M9 15 15 9') },
  herringbone: {
    size: 24,
    draw: (c) =>
      stroke(
        c,
        3.4,
        'M0 2 12 -10M0 10 12 -2M0 18 12 6M0 26 12 14M0 34 12 22M12 -10 24 2M12 -2 24 10M12 6 24 18M12 14 24 26M12 22 24 34',
      ),
  },
  basket: {
    size: 24,
    draw: (c) =>
      fill(
        c,
        'M1 2h10v3H1zM1 7h10v3H1zM13 14h10v3H13zM13 19h10v3H13zM14 1h3v10h-3zM19 1h3v10h-3zM2 13h3v10H2zM7 13h3v10H7z',
      ),
  },
  houndstooth: {
    size: 16,
    draw: (c) =>
      fill(
        c,
        'M0 0h8v8H0zM8 0l4 0-4 4zM16 0v4l-8 8v-4zM0 8h4l-4 4zM8 16l-4 0 4-4zM8 8l4 0L8 12zM4 8h4v4l-4 4H0z',
      ),
  },
  seersucker: {
    size: 16,
    draw: (c) =>
      fill(c, 'M1 0C3 4 -1 8 1 12 2 14 1 15 1 16h6C7 15 8 14 7 12 5 8 9 4 7 0z') + stroke(c, 1, 'M12 0v16'),
  },
  birdseye: {
    size: 14,
    draw: (c) => stroke(c, 2, 'M7 0 14 7 7 14 0 7z') + fill(c, 'M7 4.6 9.4 7 7 9.4 4.6 7z'),
  },
  dimity: {
    size: 16,
    draw: (c) =>
      fill(c, 'M0 0h2v16H0zM4 0h2v16H4z') +
      `<circle cx="11" cy="4" r="1.8" fill="${c}"/><circle cx="11" cy="12" r="1.8" fill="${c}"/>`,
  },
  tartan: {
    size: 24,
    draw: (c) =>
      `<g fill="${c}"><path d="M0 0h10v24H0z" opacity=".5"/><path d="M0 0h24v10H0z" opacity=".5"/><path d="M16 0h2v24h-2zM0 16h24v2H0z"/></g>`,
  },
  ikat: {
    size: 20,
    draw: (c) =>
      fill(c, 'M10 0l2 3 2 1 1 3 3 1 2 2-2 2-3 1-1 3-2 1-2 3-2-3-2-1-1-3-3-1-2-2 2-2 3-1 1-3 2-1z'),
  },
  cord: { size: 12, draw: (c) => fill(c, 'M0 0h12v5H0zM0 8h12v1.5H0z') },
  gauze: { size: 10, draw: (c) => stroke(c, 1.6, 'M2 0v10M7 0v10M0 2h10M0 7h10') },
};

/** The tile of a weave: its side in user units, and the SVG shapes that fill it. */
export function tileOf(weave: Weave): { size: number; shapes: string } {
  const { size, draw } = drawings[weave.pattern];
  const ground = `<path d="M0 0h${size}v${size}H0z" fill="${dyeColours[weave.warp]}"/>`;
  return { size, shapes: ground + draw(dyeColours[weave.weft]) };
}

/** A pattern definition with an id, for drawings that are saved as SVG. */
export function patternDef(id: string, weave: Weave, scale = 1): string {
  const { size, shapes } = tileOf(weave);
  return (
    `<pattern id="${id}" width="${size}" height="${size}" patternUnits="userSpaceOnUse"` +
    ` patternTransform="scale(${scale})">${shapes}</pattern>`
  );
}

/** A CSS background that repeats the weave; `scale` 1 draws tiles of 10–24 px. */
export function weaveBackground(weave: Weave, scale = 1): Record<string, string> {
  const { size, shapes } = tileOf(weave);
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${size}" height="${size}" viewBox="0 0 ${size} ${size}">${shapes}</svg>`;
  return {
    backgroundImage: `url("data:image/svg+xml,${encodeURIComponent(svg)}")`,
    backgroundSize: `${size * scale}px`,
    backgroundRepeat: 'repeat',
  };
}
