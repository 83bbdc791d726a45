import type { Weave } from '@distaff/core/show';

/** The palette of the house. */
export const palette = {
  chalk: '#F4F6F3',
  paper: '#FFFFFF',
  ink: '#14211D',
  stone: '#56625C',
  moss: '#1F4D3F',
  madder: '#B3263A',
  weld: '#D9A400',
  woad: '#1E5F8A',
  heather: '#6E4A8B',
} as const;

/** How the dyes of the weaves look. */
export const dyeColours: Record<Weave['warp'], string> = {
  moss: palette.moss,
  madder: palette.madder,
  weld: palette.weld,
  woad: palette.woad,
  heather: palette.heather,
  rust: '#C4692B',
  slate: '#5B7282',
  ink: palette.ink,
  chalk: palette.chalk,
};
