import type { LookView } from '@distaff/core/show';
import { pictureUrl } from './media/mediaUrl.ts';

/** Typefaces for titles, as the style sheets of the house name them. */
const faces: Record<LookView['face'], string> = {
  bricolage: "'Bricolage Grotesque', sans-serif",
  atkinson: "'Atkinson Hyperlegible Next', sans-serif",
  mono: "'Atkinson Hyperlegible Mono', monospace",
};

/**
 * The colours and the typeface of a look, for the outermost box of a screen: all inside take them from
 * there. Phones keep the one typeface that they have loaded.
 */
export function lookStyle({ palette, face }: LookView, titles = true): Record<string, string> {
  return {
    '--ground': palette.ground,
    '--panel': palette.panel,
    '--light': palette.text,
    '--dim': palette.dim,
    '--edge': palette.edge,
    '--accent': palette.accent,
    '--on-accent': palette.onAccent,
    '--clock-short': palette.clockShort,
    '--clock-last': palette.clockLast,
    ...(titles ? { '--display': faces[face] } : {}),
  };
}

/** The picture behind a screen, under a veil of its ground so that all stays readable. */
export function groundPicture({ palette, picture }: LookView): Record<string, string> {
  if (!picture) return {};
  const veil = `${palette.ground}d9`;
  const at = `${picture.focus.x * 100}% ${picture.focus.y * 100}%`;
  const url = pictureUrl(picture.file, 'large');
  return { background: `linear-gradient(${veil}, ${veil}), url("${url}") ${at} / cover, ${palette.ground}` };
}
