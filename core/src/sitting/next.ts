import type { HostCommand } from './command.ts';
import { formatOf } from '../formats/index.ts';
import { kindInPlay, rulesOf } from './decide/steps.ts';
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
    | 'handOn'
    | 'award'
    | 'settle'
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
      return step('open', { type: 'open' }, { team: name(question.floor) });
    case 'open':
      return step('lock', { type: 'lock' }, { team: name(question.floor) });
    case 'settled':
      return step('leave', { type: 'leave' });
    case 'locked':
    case 'answers':
    case 'key':
  }
  const aloud = !kindInPlay(state, question).onHandset;
  const right = question.responses.find((response) => response.verdict === 'right');
  if (aloud && !right && !responseOf(question, question.floor))
    return step('rule', null, { team: name(question.floor) });
  const handset = question.responses.some((response) => response.answer && !response.shown);
  if (question.step === 'locked' && handset) return step('showAnswers', { type: 'showAnswers' });
  const to = handOnTo(state, question);
  if (!right && !question.keyShown && rulesOf(state).afterWrong === 'handOn' && to !== null)
    return step('handOn', { type: 'handOn' }, { team: name(to), points: question.points });
  if (!question.keyShown) return step('showKey', { type: 'showKey' });
  if (right) return step('award', { type: 'settle' }, { team: name(right.team), points: question.points });
  return step('settle', { type: 'settle' });
}
