import { formatOf } from '../../formats/index.ts';
import { questionsIn } from '../fill.ts';
import type { Round, Show } from '../show.ts';
import type { CheckFacts, ShowFinding } from './finding.ts';

/** Keys of the desk that stand for buzzers of tables. */
const BUZZ_KEYS = 9;
/** More players than this are too many to be ruled on one by one. */
const RULED_ON = 12;

/** What the devices, the address and the browser cannot do. */
export function roomFindings(show: Show, rounds: readonly Round[], facts: CheckFacts): ShowFinding[] {
  const found: ShowFinding[] = [];
  const at = (round: Round | null, question: string | null) => {
    const places = round && question !== null ? formatOf(round.format).places(round.content) : [];
    return places.find((place) => place.question === question)?.id ?? null;
  };
  const say = (
    round: Round | null,
    code: ShowFinding['code'],
    params: ShowFinding['params'] = {},
    question: string | null = null,
  ) =>
    found.push({
      code,
      ref: at(round, question),
      question,
      params,
      mustMend: false,
      round: round?.id ?? null,
    });
  const { mode, score } = show.devices;
  const many = score === 'players' || show.teams.length > RULED_ON;
  let sounds = show.sounds?.off !== true;
  for (const round of rounds) {
    const format = formatOf(round.format);
    const { floor } = { ...round.rules, ...format.prescribes };
    if (mode === 'none' && floor === 'buzz' && show.teams.length > BUZZ_KEYS)
      say(round, 'buzzKeys', { teams: show.teams.length, keys: BUZZ_KEYS });
    for (const id of questionsIn(round)) {
      const question = show.questions[id];
      if (!question) continue;
      const { answer } = question;
      sounds ||= question.sound !== null || question.video !== null;
      if (answer.kind === 'number' && answer.marking === 'closest' && floor !== 'everyone')
        say(round, 'closestAlone', {}, id);
      if (answer.kind === 'aloud' && floor === 'everyone' && many) say(round, 'aloudForMany', {}, id);
    }
  }
  const { roster, teams } = show.doors;
  const listed = show.teams.reduce((sum, team) => sum + (team.members?.length ?? 0), 0);
  if (mode !== 'none' && score === 'teams' && teams === 'listed' && listed === 0) say(null, 'noSeats');
  else if (
    mode !== 'none' &&
    roster.length > 0 &&
    roster.length + listed < show.teams.length &&
    score === 'teams'
  )
    say(null, 'noSeats');
  if (mode !== 'none' && facts.reachable === false) say(null, 'loopback');
  if (sounds && facts.sound === false) say(null, 'noSound');
  return found;
}
