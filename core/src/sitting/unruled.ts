import type { Response } from './state.ts';

/**
 * A response that nothing was ruled on yet. Written out: a spread costs several times as much, and a
 * thousand answer at once.
 */
export const unruled = (
  { who, team, seat, answer, after }: Pick<Response, 'who' | 'team' | 'seat' | 'answer' | 'after'>,
  held = false,
): Response => ({
  who,
  team,
  seat,
  answer,
  after,
  verdict: null,
  share: 0,
  by: null,
  shown: false,
  held,
});
