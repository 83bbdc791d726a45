import * as v from 'valibot';
import { BoardContent, blankBoard } from '../formats/board/content.ts';
import { Question } from '../question/question.ts';
import { Id, line } from '../text/schemas.ts';
import { defaultRules, RoundRules } from './rules.ts';
import { MAX_TEAMS, newTeam, Team } from './team.ts';

export const Round = v.object({
  id: Id,
  format: v.literal('board'),
  title: line(80),
  rules: RoundRules,
  content: BoardContent,
});
export type Round = v.InferOutput<typeof Round>;

/** A show as it is written and saved: one document, every part with an id of its own. */
export const Show = v.object({
  title: line(120),
  /** In the order of turns. */
  teams: v.pipe(v.array(Team), v.maxLength(MAX_TEAMS, `At most ${MAX_TEAMS} teams.`)),
  rounds: v.pipe(v.array(Round), v.length(1, 'A show has one round.')),
  questions: v.record(Id, Question),
});
export type Show = v.InferOutput<typeof Show>;

/** A new show with an empty 5 × 5 board and two teams. `newId` makes ids. */
export function blankShow(title: string, newId: () => string): Show {
  const teams: Team[] = [];
  for (const name of ['Team 1', 'Team 2']) teams.push(newTeam(teams, name, newId));
  return {
    title,
    teams,
    rounds: [{ id: newId(), format: 'board', title: '', rules: defaultRules, content: blankBoard(newId) }],
    questions: {},
  };
}
