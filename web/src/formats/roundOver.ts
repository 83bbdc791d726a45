import type { PublicView } from '@distaff/core/sitting';

/** Whether the round that is on has ended by its clock, its turns or the host, whatever its format says. */
export function hasEnded({ timer }: Pick<PublicView, 'timer'>): boolean {
  if (!timer) return false;
  // Once the clock has run out, the others still have their turns.
  const left = timer.turnsLeft;
  return left ? Object.values(left).every((turns) => turns === 0) : timer.ended !== null;
}
