import type { Weave } from '@distaff/core/show';

/** The weave of the house: what belongs to nobody, and to everybody together. */
export const HOUSE: Weave = { pattern: 'twill', warp: 'chalk', weft: 'moss' };
/** An earlier run of the same: thinner cloth in the same colours. */
export const EARLIER: Weave = { pattern: 'gauze', warp: 'chalk', weft: 'moss' };
