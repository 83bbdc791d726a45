import { formatOf } from '../../formats/index.ts';
import type { Random } from '../../random/shuffle.ts';
import { kindInPlay, rulesOf } from './inPlay.ts';
import { turnsLeft } from './turnsLeft.ts';
import { hadFloor } from './worth.ts';
import { scoreNow, type QuestionInPlay, type SittingState } from '../state.ts';

/** Those who still play, in the order of turns. */
const order = (state: SittingState): string[] =>
  state.teams.filter(({ id }) => !state.seats.get(id)?.removed).map(({ id }) => id);

/** The team after `team` in the order of turns, round and round; empty where nobody plays. */
export function nextInOrder(state: SittingState, team: string): string {
  const teams = order(state);
  const at = teams.indexOf(team);
  const after = teams.map((_, i) => teams[(at + 1 + i) % teams.length]!);
  // Whoever lost a turn is passed over; where all did, nobody is.
  return after.find((one) => !state.skips.has(one)) ?? after[0] ?? '';
}

/**
 * Who gets the question next if it is handed on: a team in order, or whoever buzzes; null when all
 * have had it.
 */
export function handOnTo(state: SittingState, question: QuestionInPlay): { team: string } | 'buzz' | null {
  const had = new Set(hadFloor(question));
  const rest = order(state).filter((team) => !had.has(team));
  if (rest.length === 0 || question.mode === 'everyone') return null;
  if (question.mode === 'buzz' || rulesOf(state).afterWrong === 'buzz') return 'buzz';
  let team = question.floor ?? state.turn;
  for (let i = 0; i < state.teams.length; i++) {
    team = nextInOrder(state, team);
    if (!had.has(team)) return { team };
  }
  return null;
}

/** Whose turn it is once a question is over. Whoever had fewest turns is drawn first, so that turns stay even. */
export function turnAfter(state: SittingState, question: QuestionInPlay, random: Random): string {
  return withTurnLeft(state, turnByRule(state, question, random));
}

/** A team that still has a turn: the one that would be on, else the next one in order. */
export function withTurnLeft(state: SittingState, natural: string): string {
  const left = turnsLeft(state);
  if (!left || (left.get(natural) ?? 0) > 0 || ![...left.values()].some((turns) => turns > 0)) return natural;
  let team = natural;
  do team = nextInOrder(state, team);
  while ((left.get(team) ?? 0) === 0);
  return team;
}

function turnByRule(state: SittingState, question: QuestionInPlay, random: Random): string {
  const teams = order(state);
  // Where nobody has a turn, none is used up.
  const { format, state: round } = state.begun[question.begun]!;
  const chosen = formatOf(format).turn(round);
  if (chosen !== null) return chosen;
  // A card or an opinion cannot be won: whoever was to play still is.
  if (!kindInPlay(state, question).keyed) return state.turn;
  if (question.mode !== 'turn' && !formatOf(format).chosen) return state.turn;
  switch (rulesOf(state).turns) {
    case 'winner':
      return question.winner ?? nextInOrder(state, state.turn);
    case 'lowest': {
      // Of those who have least, the one that comes next in the order.
      const least = Math.min(...teams.map((team) => scoreNow(state, team)));
      let team = state.turn;
      for (let i = 0; i < teams.length; i++) {
        team = nextInOrder(state, team);
        if (scoreNow(state, team) === least) return team;
      }
      return team;
    }
    case 'drawn': {
      const turns = (team: string) => state.turnsTaken.get(team) ?? 0;
      const fewest = Math.min(...teams.map(turns));
      const even = teams.filter((team) => turns(team) === fewest);
      return even[Math.floor(random() * even.length)] ?? '';
    }
    case 'inOrder':
      return nextInOrder(state, state.turn);
  }
}
