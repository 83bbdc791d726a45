import { isHindering, type BoostName } from '../../formats/boosts.ts';
import { formatOf } from '../../formats/index.ts';
import { isAsking } from '../read/asking.ts';
import { boostsOf } from '../read/boosts.ts';
import { rulesOf } from '../read/inPlay.ts';
import type { Running, Seat, SittingState } from '../state.ts';

/** A boost as its owner sees it. */
export interface BoostLine {
  boost: BoostName;
  /** What it does: questions, seconds, options or percent. */
  amount: number;
  /** How many one has, and how long one that was used still lasts (questions); 0 for not. */
  held: number;
  left: number;
  /** What it costs; null where it is not sold. */
  price: number | null;
  /** Whether it is used against another team. */
  hinders: boolean;
}

/** Boosts that a team has, can buy, or has running; nothing where there are none. */
export function boostsFor(state: SittingState, { team }: Pick<Seat, 'team'>): BoostLine[] {
  const { round } = state;
  if (!round || state.phase !== 'round' || team === '') return [];
  const held = state.boosts.get(team) ?? [];
  const sells =
    formatOf(round.format).sells && isAsking(state) && state.show.rounds[round.index]!.rules.boosts != null;
  return boostsOf(rulesOf(state))
    .map(({ boost, amount, price }) => ({
      boost,
      amount,
      held: held.filter((one) => one === boost).length,
      left: state.running
        .filter((one) => one.team === team && one.boost === boost)
        .reduce((sum, one) => sum + one.left, 0),
      price: sells ? price : null,
      hinders: isHindering(boost),
    }))
    .filter((one) => one.held > 0 || one.left > 0 || one.price !== null);
}

/** A boost that lasts, as everybody sees it. */
export type RunningView = Pick<Running, 'team' | 'boost' | 'left' | 'on'>;

export const runningView = ({ running, phase }: SittingState): RunningView[] =>
  phase === 'round' ? running.map(({ team, boost, left, on }) => ({ team, boost, left, on })) : [];

/** What each team has, for the host. */
export const heldView = ({ boosts }: SittingState): Record<string, BoostName[]> =>
  Object.fromEntries([...boosts].filter(([, held]) => held.length > 0));
