import type { QuestionInPlay, SittingState } from './state.ts';

/** The team after `team` in the order of turns, round and round. */
export function nextInOrder(state: SittingState, team: string): string {
  const order = state.show.teams.map((one) => one.id);
  return order[(order.indexOf(team) + 1) % order.length]!;
}

/** The team that gets the question next if it is handed on, or null when all have had it. */
export function handOnTo(state: SittingState, question: QuestionInPlay): string | null {
  const had = new Set([...question.tried, question.floor]);
  let team = question.floor;
  for (let i = 1; i < state.show.teams.length; i++) {
    team = nextInOrder(state, team);
    if (!had.has(team)) return team;
  }
  return null;
}
