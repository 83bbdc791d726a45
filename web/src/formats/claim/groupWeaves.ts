import type { Weave } from '@distaff/core/show';

/**
 * Weaves for groups of several teams, the same whoever is in them: of very many who play, a phone does not know all.
 * The first six that teams are given, too; brought along here, since a phone is not sent the rest of a show.
 */
export const groupWeaves: readonly Weave[] = [
  { pattern: 'plain', warp: 'weld', weft: 'ink' },
  { pattern: 'twill', warp: 'woad', weft: 'chalk' },
  { pattern: 'herringbone', warp: 'madder', weft: 'chalk' },
  { pattern: 'basket', warp: 'moss', weft: 'chalk' },
  { pattern: 'houndstooth', warp: 'heather', weft: 'chalk' },
  { pattern: 'seersucker', warp: 'rust', weft: 'ink' },
];
