import { lineOf, type CreditLine } from '../question/credits.ts';
import { mediaBeside } from './media.ts';
import type { Show } from './show.ts';

/** Whom to thank for what a show has beside its questions: its look, its own sounds. */
export const creditsBeside = (show: Pick<Show, 'look' | 'sounds' | 'rounds'>): CreditLine[] =>
  mediaBeside(show).map((one) => lineOf(one));
