import type { Reaction } from '@distaff/core/wire';

/** In the order in which they are offered. */
export const reactions = ['clap', 'heart', 'laugh', 'wow'] as const satisfies readonly Reaction[];
