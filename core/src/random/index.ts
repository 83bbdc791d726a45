/** Chance that can be had again. */
export { seeded } from './seeded.ts';
export type { Random } from './shuffle.ts';
