import { formatOf, type Finding } from '../formats/index.ts';
import type { Show } from './show.ts';
import { MIN_TEAMS } from './team.ts';

export interface ShowFinding extends Omit<Finding, 'code'> {
  code: Finding['code'] | 'tooFewTeams' | 'allOff' | 'teamUnnamed' | 'teamsAlike';
  /** The round that it is about, by its id; null for the show as a whole. */
  round: string | null;
}

/** What would go wrong: the must-mend first. The doors stay shut while one of those is left. */
export function checkShow(show: Show): ShowFinding[] {
  const found: ShowFinding[] = [];
  const say = (code: ShowFinding['code'], mustMend: boolean, params: ShowFinding['params'] = {}) =>
    found.push({ code, ref: null, question: null, params, mustMend, round: null });
  // Where everybody plays for themselves there are no teams to look at.
  const alone = show.devices.score === 'players';
  const teams = alone ? [] : show.teams;
  if (!alone && teams.length < MIN_TEAMS) say('tooFewTeams', true);
  teams.forEach((team, i) => {
    if (team.name.trim() === '') say('teamUnnamed', true, { number: i + 1 });
  });
  const names = teams.map((team) => team.name.trim().toLowerCase()).filter((name) => name !== '');
  const twice = names.find((name, i) => names.indexOf(name) !== i);
  if (twice !== undefined) say('teamsAlike', true, { name: twice });
  const rounds = show.rounds.filter((round) => !round.off);
  if (rounds.length === 0) say('allOff', true);
  for (const { id, format, content, rules } of rounds)
    for (const finding of formatOf(format).findings(content, show.questions, teams.length, rules))
      found.push({ ...finding, round: id });
  return found.sort((a, b) => Number(b.mustMend) - Number(a.mustMend));
}
