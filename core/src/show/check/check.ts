import { formatOf } from '../../formats/index.ts';
import { hasList } from '../fill.ts';
import { filesBeside } from '../media.ts';
import { contrastsOf, defaultLook } from '../look/look.ts';
import type { Round, Show } from '../show.ts';
import { MIN_TEAMS } from '../team.ts';
import { fairnessFindings } from './fairness.ts';
import { byHarm, type CheckFacts, type ShowFinding } from './finding.ts';
import { questionFindings } from './questions.ts';
import { roomFindings } from './room.ts';

/**
 * What would go wrong, ordered by harm: the must-mend first. The doors stay shut while one of those is
 * left. With `facts` more is checked than the show itself can tell.
 */
export function checkShow(show: Show, facts: CheckFacts = {}): ShowFinding[] {
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
  const names = teams.map((team) => team.name.trim()).filter((name) => name !== '');
  const folded = names.map((name) => name.toLowerCase());
  const twice = names.find((_, i) => folded.indexOf(folded[i]!) !== i);
  if (twice !== undefined) say('teamsAlike', true, { name: twice });
  const poor = contrastsOf(show.look ?? defaultLook).filter((one) => !one.enough);
  if (poor.length > 0)
    say('contrast', false, { n: poor.length, what: poor.map((one) => one.what).join(',') });
  const gone = filesBeside(show).filter((file) => facts.media?.[file] === null).length;
  if (gone > 0) say('lookMissing', false, { n: gone });
  const rounds = show.rounds.filter((round) => !round.off);
  if (rounds.length === 0) say('allOff', true);
  for (const round of rounds) {
    found.push(...findingsOfRound(show, round));
    if (hasList(round) && round.content.rule && round.content.items.length < round.content.rule.count)
      found.push({
        code: 'ruleShort',
        ref: null,
        question: null,
        params: { got: round.content.items.length, count: round.content.rule.count },
        mustMend: false,
        round: round.id,
      });
    found.push(...questionFindings(show, round, facts));
  }
  found.push(...fairnessFindings(show, rounds, teams.length), ...roomFindings(show, rounds, facts));
  return byHarm(found);
}

/** What its format has to say of a round. */
export function findingsOfRound(show: Show, { id, format, content, rules }: Round): ShowFinding[] {
  // Where everybody plays for themselves there are no teams to look at.
  const teams = show.devices.score === 'players' ? 0 : show.teams.length;
  return formatOf(format)
    .findings(content, show.questions, teams, rules)
    .map((finding) => ({ ...finding, round: id }));
}
