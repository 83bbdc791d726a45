import type { Random } from '../random/shuffle.ts';
import type { SeatCommand } from '../sitting/command.ts';
import type { SittingState } from '../sitting/state.ts';
import { boostsFor } from '../sitting/view/boosts.ts';

/** Of those who have a boost so many use it when they have a question, and of those who can so many buy one. */
const USING = 0.5;
const BUYING = 0.15;

/** What somebody does with their boosts before they answer: uses one, or buys one; null for nothing. */
export function boosting(state: SittingState, team: string, random: Random): SeatCommand | null {
  const all = boostsFor(state, { team });
  if (all.length === 0) return null;
  const balance = state.round!.points.get(team) ?? 0;
  const chance = random();
  const held = all.filter((one) => one.held > 0 && one.left === 0);
  const others = state.teams.filter(({ id }) => id !== team);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(random() * list.length)];
  if (held.length > 0 && chance < USING) {
    const one = pick(held)!;
    const on = one.hinders ? pick(others)?.id : undefined;
    return { type: 'useBoost', boost: one.boost, ...(on ? { on } : {}) };
  }
  const sold = all.filter(({ price }) => price !== null && price <= balance);
  return chance > 1 - BUYING && sold.length > 0 ? { type: 'buyBoost', boost: pick(sold)!.boost } : null;
}
