import { formatOf } from '../../formats/index.ts';
import type { BegunRound, QuestionInPlay, SittingState } from '../state.ts';

/** Whether an answer of this team counts in the round now, or is for honour only. */
export const countsIn = (round: BegunRound | null | undefined, team: string): boolean =>
  !round || formatOf(round.format).counts(round.state, team);

/** Whether a question counts for a team: as it was when it was settled, so that what happened since takes no points away. */
export const countsFor = (
  round: BegunRound | undefined,
  { honour }: QuestionInPlay,
  team: string,
): boolean => (honour === null ? countsIn(round, team) : !honour.has(team));

const NOBODY: ReadonlySet<string> = new Set();

/** For whom a question that is being settled does not count. */
export function forHonour(state: SittingState, question: QuestionInPlay): ReadonlySet<string> {
  const out = question.mode === 'everyone' ? state.teams.filter(({ id }) => !countsIn(state.round, id)) : [];
  return out.length === 0 ? NOBODY : new Set(out.map(({ id }) => id));
}
