import { TITHED } from '../formats/boosts.ts';
import type { LoggedEvent } from './events.ts';
import { playOf, type Running, type SittingState } from './state.ts';

/** So long lasts what was used: questions, or once. */
const lasts: Partial<Record<Running['boost'], (amount: number) => number>> = {
  double: (amount) => amount,
  forgive: (amount) => amount,
  hurry: () => 1,
  tithe: () => TITHED,
};

/** Books of boosts: who has which, what was used and lasts, and how much of that is left. */
export function evolveBoosts(state: SittingState, event: LoggedEvent): void {
  switch (event.type) {
    case 'boostGiven':
      state.boosts.set(event.team, [...(state.boosts.get(event.team) ?? []), event.boost]);
      return;
    case 'boostUsed': {
      const { team, boost, amount, on = null } = event;
      const held = [...(state.boosts.get(team) ?? [])];
      held.splice(held.indexOf(boost), 1);
      state.boosts.set(team, held);
      const left = lasts[boost]?.(amount) ?? 0;
      if (left > 0) state.running.push({ team, boost, left, on });
      return;
    }
    case 'factored':
      return usedUp(state, ({ team, boost }) => team === event.team && boost === event.why);
    case 'opened':
    case 'asked': {
      // Whose time was cut short has had that with this question.
      const team = event.type === 'asked' ? event.team : (state.question?.floor ?? null);
      return usedUp(state, ({ boost, on }) => boost === 'hurry' && on === team);
    }
    case 'settled': {
      const play = event.play === undefined ? state.question : playOf(state, event.play);
      if (!play || event.results === null) return;
      const concerns = new Set(event.results.map(({ team }) => team));
      return usedUp(state, ({ boost, on }) => boost === 'tithe' && concerns.has(on ?? ''));
    }
    default:
  }
}

function usedUp(state: SittingState, which: (one: Running) => boolean): void {
  if (state.running.length === 0) return;
  state.running = state.running
    .map((one) => (which(one) ? { ...one, left: one.left - 1 } : one))
    .filter(({ left }) => left > 0);
}
