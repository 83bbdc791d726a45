import { formatOf, type Finding } from '../formats/index.ts';
import type { Show } from './show.ts';
import { MIN_TEAMS } from './team.ts';

export interface ShowFinding extends Omit<Finding, 'code'> {
  code: Finding['code'] | 'tooFewTeams' | 'teamUnnamed' | 'teamsAlike';
}

/** What would go wrong: the must-mend first. The doors stay shut while one of those is left. */
export function checkShow(show: Show): ShowFinding[] {
  const found: ShowFinding[] = [];
  const say = (code: ShowFinding['code'], mustMend: boolean, params: ShowFinding['params'] = {}) =>
    found.push({ code, ref: null, question: null, params, mustMend });
  if (show.teams.length < MIN_TEAMS) say('tooFewTeams', true);
  show.teams.forEach((team, i) => {
    if (team.name.trim() === '') say('teamUnnamed', true, { number: i + 1 });
  });
  const names = show.teams.map((team) => team.name.trim().toLowerCase()).filter((name) => name !== '');
  const twice = names.find((name, i) => names.indexOf(name) !== i);
  if (twice !== undefined) say('teamsAlike', true, { name: twice });
  for (const round of show.rounds)
    found.push(
      ...formatOf(round.format).findings(round.content, show.questions, show.teams.length, round.rules),
    );
  return found.sort((a, b) => Number(b.mustMend) - Number(a.mustMend));
}
