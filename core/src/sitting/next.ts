import type { HostCommand } from './command.ts';
import { formatOf } from '../formats/index.ts';
import { kindInPlay, pointsFor, rulesOf, wonBy, writtenQuestion } from './decide/steps.ts';
import { responseOf, teamOf, type SittingState } from './state.ts';
import { handOnTo } from './turns.ts';

/** The next sensible step: what Space will do, as a command, and the words' code and parameters. */
export interface NextStep {
  /** Null where only people can go on: a cell must be picked, an answer ruled on. */
  command: HostCommand | null;
  code:
    | 'begin'
    | 'pick'
    | 'close'
    | 'hideStandings'
    | 'pose'
    | 'open'
    | 'lock'
    | 'rule'
    | 'showAnswers'
    | 'showKey'
    | 'showExplanation'
    | 'handOn'
    | 'award'
    | 'settle'
    | 'settleUnscored'
    | 'leave'
    | 'over';
  params: Record<string, string | number>;
}

const step = (
  code: NextStep['code'],
  command: HostCommand | null,
  params: NextStep['params'] = {},
): NextStep => ({ code, command, params });

/** What the host would sensibly do next, from the state alone. */
export function nextStep(state: SittingState): NextStep {
  if (state.phase === 'lobby') return step('begin', { type: 'begin' });
  if (state.phase === 'closed') return step('over', null);
  if (state.standings) return step('hideStandings', { type: 'showStandings', on: false });
  const question = state.question;
  const name = (team: string) => teamOf(state, team)?.name ?? '';
  if (!question) {
    const over = state.round && formatOf(state.round.format).isOver(state.round.state);
    return over ? step('close', { type: 'close' }) : step('pick', null, { team: name(state.turn) });
  }
  switch (question.step) {
    case 'picked':
      return step('pose', { type: 'pose' });
    case 'posed':
      if (kindInPlay(state, question).given === 'nowhere') return step('settleUnscored', { type: 'settle' });
      return step('open', { type: 'open' }, { team: name(question.floor) });
    case 'open':
      return step('lock', { type: 'lock' }, { team: name(question.floor) });
    case 'settled':
      return step('leave', { type: 'leave' });
    case 'locked':
    case 'answers':
    case 'key':
  }
  const kind = kindInPlay(state, question);
  const won = wonBy(question);
  const own = responseOf(question, question.floor);
  const unruled = kind.given === 'aloud' ? !own : own?.answer && own.verdict === null;
  const handset = question.responses.some((response) => response.answer && !response.shown);
  if (question.step === 'locked' && handset) return step('showAnswers', { type: 'showAnswers' });
  if (kind.keyed && !won && unruled) return step('rule', null, { team: name(question.floor) });
  const to = handOnTo(state, question);
  if (kind.keyed && !won && !question.keyShown && rulesOf(state).afterWrong === 'handOn' && to !== null)
    return step('handOn', { type: 'handOn' }, { team: name(to), points: question.points });
  const written = writtenQuestion(state, question);
  if (!question.keyShown && kind.keyed) return step('showKey', { type: 'showKey' });
  if (!question.keyShown && written.explanation) return step('showExplanation', { type: 'showKey' });
  if (!kind.keyed) return step('settleUnscored', { type: 'settle' });
  if (won)
    return step(
      'award',
      { type: 'settle' },
      { team: name(won.team), points: pointsFor(question.points, won.share) },
    );
  return step('settle', { type: 'settle' });
}
