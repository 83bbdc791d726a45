/** A colour as people write it for screens: #rrggbb. */
export type Hex = string;

const channels = (colour: Hex): [number, number, number] => [
  parseInt(colour.slice(1, 3), 16),
  parseInt(colour.slice(3, 5), 16),
  parseInt(colour.slice(5, 7), 16),
];
const hex = (rgb: readonly number[]): Hex =>
  `#${rgb
    .map((one) =>
      Math.round(Math.min(255, Math.max(0, one)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** Relative luminance, 0 … 1: WCAG 2.2, definition "relative luminance" (sRGB). */
export function luminance(colour: Hex): number {
  const [r, g, b] = channels(colour).map((eight) => {
    const c = eight / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

/** Contrast ratio, 1 … 21: WCAG 2.2, definition "contrast ratio". */
export function contrast(a: Hex, b: Hex): number {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
  return (light + 0.05) / (dark + 0.05);
}

/** A colour mixed with another; `share` 0 … 1 of the other. */
export function mixed(a: Hex, b: Hex, share: number): Hex {
  const [from, to] = [channels(a), channels(b)];
  return hex(from.map((one, i) => one + (to[i]! - one) * share));
}

/**
 * The colour nearest to `colour` that reaches `ratio` against all of `grounds`: it is made lighter or
 * darker, whichever needs less; black or white where even that is not enough.
 */
export function mended(colour: Hex, grounds: readonly Hex[], ratio: number): Hex {
  const enough = (one: Hex) => grounds.every((ground) => contrast(one, ground) >= ratio);
  if (enough(colour)) return colour;
  for (let step = 1; step <= 100; step++)
    for (const end of ['#ffffff', '#000000']) {
      const tried = mixed(colour, end, step / 100);
      if (enough(tried)) return tried;
    }
  const least = (one: Hex) => Math.min(...grounds.map((ground) => contrast(one, ground)));
  return least('#ffffff') >= least('#000000') ? '#ffffff' : '#000000';
}
