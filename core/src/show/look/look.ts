import * as v from 'valibot';
import { Picture, pictureView, type PictureView } from '../../media/media.ts';
import { contrast, luminance, mended, mixed, type Hex } from './contrast.ts';

export const themes = ['loft', 'chalk', 'slate', 'ember', 'own'] as const;
/** Typefaces for titles that ship with the application. */
export const faces = ['bricolage', 'atkinson', 'mono'] as const;

const Colour = v.pipe(v.string(), v.regex(/^#[0-9a-f]{6}$/, 'A colour is # and six signs of 0–9 and a–f.'));

/** The four colours that a theme is made of; all others follow from them. */
export const Colours = v.object({ ground: Colour, panel: Colour, text: Colour, accent: Colour });
export type Colours = v.InferOutput<typeof Colours>;

/** How stage, handsets and overlay of a show look. */
export const Look = v.object({
  theme: v.picklist(themes),
  /** What an own theme is made of. */
  own: v.optional(v.nullable(Colours)),
  face: v.optional(v.picklist(faces)),
  /** Behind everything on the stage, under a veil of the ground's colour. */
  picture: v.optional(v.nullable(Picture)),
  /** In the corner of the stage. */
  logo: v.optional(v.nullable(Picture)),
});
export type Look = v.InferOutput<typeof Look>;

export const defaultLook: Look = { theme: 'loft' };

export const themeColours: Record<Exclude<Look['theme'], 'own'>, Colours> = {
  loft: { ground: '#101a17', panel: '#1b2925', text: '#f2f5f1', accent: '#d9a400' },
  chalk: { ground: '#f4f6f3', panel: '#ffffff', text: '#14211d', accent: '#1f4d3f' },
  slate: { ground: '#1c2530', panel: '#2a3644', text: '#f1f4f7', accent: '#8cc7e6' },
  ember: { ground: '#241312', panel: '#351d1b', text: '#f8efe9', accent: '#f0915a' },
};

/** All colours that the screens need. */
export interface Palette extends Colours {
  /** Secondary text. */
  dim: Hex;
  /** Lines around panels. */
  edge: Hex;
  /** Text on the accent. */
  onAccent: Hex;
  /** The clock under ten and under five seconds. */
  clockShort: Hex;
  clockLast: Hex;
}

export const coloursOf = ({ theme, own }: Look): Colours =>
  theme === 'own' ? (own ?? themeColours.loft) : themeColours[theme];

/** The colours of a look, those that follow from the four always readable. */
export function paletteOf(look: Look): Palette {
  const colours = coloursOf(look);
  const { ground, panel, text, accent } = colours;
  const grounds = [ground, panel];
  const dark = luminance(ground) < 0.4;
  return {
    ...colours,
    dim: mended(mixed(text, ground, 0.28), grounds, 4.5),
    edge: mixed(panel, text, 0.18),
    onAccent: contrast('#14211d', accent) >= contrast('#ffffff', accent) ? '#14211d' : '#ffffff',
    clockShort: mended(dark ? '#e8b923' : '#8a6500', grounds, 4.5),
    clockLast: mended(dark ? '#ff8a7a' : '#b3263a', grounds, 4.5),
  };
}

/** Pairs of colours that must be told apart, and by how much: 4.5 for text, 3 for large text (WCAG 2.2, 1.4.3). */
const pairs = [
  { what: 'textOnGround', of: 'text', on: 'ground', least: 4.5 },
  { what: 'textOnPanel', of: 'text', on: 'panel', least: 4.5 },
  { what: 'accentOnGround', of: 'accent', on: 'ground', least: 3 },
  { what: 'accentOnPanel', of: 'accent', on: 'panel', least: 3 },
] as const;
export interface ContrastLine {
  what: (typeof pairs)[number]['what'];
  ratio: number;
  least: number;
  enough: boolean;
}

/** How well the colours of a look can be told apart. */
export function contrastsOf(look: Look): ContrastLine[] {
  const colours = coloursOf(look);
  return pairs.map(({ what, of, on, least }) => {
    const ratio = contrast(colours[of], colours[on]);
    return { what, ratio, least, enough: ratio >= least };
  });
}

/** An own theme in which everything can be read: text and accent are made lighter or darker as far as need be. */
export function mendedLook(look: Look): Look {
  const { ground, panel, text, accent } = coloursOf(look);
  return {
    ...look,
    theme: 'own',
    own: {
      ground,
      panel,
      text: mended(text, [ground, panel], 4.5),
      accent: mended(accent, [ground, panel], 3),
    },
  };
}

/** A look as audiences get it. */
export interface LookView {
  palette: Palette;
  face: (typeof faces)[number];
  picture: PictureView | null;
  logo: PictureView | null;
}
const known = new WeakMap<Look, LookView>();

export function lookView(look: Look): LookView {
  let view = known.get(look);
  if (!view) {
    const { face = 'bricolage', picture, logo } = look;
    view = { palette: paletteOf(look), face, picture: pictureView(picture), logo: pictureView(logo) };
    known.set(look, view);
  }
  return view;
}
