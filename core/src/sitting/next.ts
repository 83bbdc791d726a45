import type { HostCommand } from './command.ts';
import { formatOf } from '../formats/index.ts';
import { nextRound } from './decide/round.ts';
import { wonBy } from './decide/steps.ts';
import { kindInPlay, rulesOf, writtenQuestion } from './inPlay.ts';
import { rounded, worthTo } from './points.ts';
import { teamOf, type QuestionInPlay, type SittingState } from './state.ts';
import { handOnTo } from './turns.ts';

/** The next sensible step: what Space will do, as a command, and the words' code and parameters. */
export interface NextStep {
  /** Null where only people can go on: a cell must be picked, an answer ruled on. */
  command: HostCommand | null;
  code:
    | 'begin'
    | 'nextRound'
    | 'pick'
    | 'nextQuestion'
    | 'formatWaits'
    | 'close'
    | 'hideStandings'
    | 'pose'
    | 'open'
    | 'openBuzzers'
    | 'openToAll'
    | 'buzzing'
    | 'lock'
    | 'lockBuzzers'
    | 'lockAll'
    | 'rule'
    | 'showAnswers'
    | 'showKey'
    | 'showExplanation'
    | 'handOn'
    | 'handOnByBuzz'
    | 'award'
    | 'awardAll'
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
  if (state.question) return nextInQuestion(state, state.question);
  const { format, state: own } = state.round!;
  const name = (team: string) => teamOf(state, team)?.name ?? '';
  const waits = formatOf(format).waitsFor(own);
  if (waits !== null) return step('formatWaits', null, { team: name(waits), format });
  const ref = formatOf(format).next(own);
  if (ref !== null) {
    const { number, of } = formatOf(format).place(own, ref);
    return step('nextQuestion', { type: 'choose', ref }, { number: number ?? 0, of: of ?? 0 });
  }
  if (!formatOf(format).isOver(own)) return step('pick', null, { team: name(state.turn) });
  const round = nextRound(state);
  if (round === null) return step('close', { type: 'close' });
  const { title, format: coming, content } = state.show.rounds[round]!;
  const what = 'what' in content ? content.what : '';
  return step('nextRound', { type: 'begin', round }, { title, format: coming, what });
}

const open = {
  turn: ['open', 'lock'],
  buzz: ['openBuzzers', 'lockBuzzers'],
  everyone: ['openToAll', 'lockAll'],
} as const;

function nextInQuestion(state: SittingState, question: QuestionInPlay): NextStep {
  const floor = question.floor === null ? '' : (teamOf(state, question.floor)?.name ?? '');
  const kind = kindInPlay(state, question);
  switch (question.step) {
    case 'picked':
      return step('pose', { type: 'pose' });
    case 'posed':
      if (kind.given === 'nowhere') return step('settleUnscored', { type: 'settle' });
      return step(
        question.floor === null ? open[question.mode][0] : 'open',
        { type: 'open' },
        { team: floor },
      );
    case 'open':
      if (question.buzzUntil !== null) return step('buzzing', null);
      return step(
        question.floor === null ? open[question.mode][1] : 'lock',
        { type: 'lock' },
        { team: floor },
      );
    case 'settled':
      return step('leave', { type: 'leave' });
    default:
      return question.mode === 'everyone' ? nextForAll(state, question) : nextForOne(state, question);
  }
}

/** Whether there are answers that were given and not shown yet, and are to be shown before the key. */
const toShow = (state: SittingState, question: QuestionInPlay): boolean =>
  question.step === 'locked' &&
  rulesOf(state).picks === 'before' &&
  question.responses.some((response) => response.answer && !response.shown);

/** After the lock, where everyone could answer. */
function nextForAll(state: SittingState, question: QuestionInPlay): NextStep {
  const kind = kindInPlay(state, question);
  if (toShow(state, question)) return step('showAnswers', { type: 'showAnswers' });
  if (!question.keyShown && kind.keyed) return step('showKey', { type: 'showKey' });
  const { explanation } = writtenQuestion(state, question);
  if (!question.keyShown && explanation) return step('showExplanation', { type: 'showKey' });
  if (!kind.keyed) return step('settleUnscored', { type: 'settle' });
  const count = question.responses.filter((response) => response.share > 0).length;
  return count > 0 ? step('awardAll', { type: 'settle' }, { count }) : step('settle', { type: 'settle' });
}

/** After the lock, where one team at a time has the floor. */
function nextForOne(state: SittingState, question: QuestionInPlay): NextStep {
  const kind = kindInPlay(state, question);
  const name = (team: string) => teamOf(state, team)?.name ?? '';
  const won = wonBy(state, question);
  if (toShow(state, question)) return step('showAnswers', { type: 'showAnswers' });
  const { floor } = question;
  if (floor !== null && kind.keyed && !won) {
    const own = worthTo(state, question, floor);
    const unruled = kind.given === 'aloud' ? !own : own && own.verdict === null;
    if (unruled) return step('rule', null, { team: name(floor) });
  }
  const to = floor === null ? null : handOnTo(state, question);
  if (kind.keyed && !won && !question.keyShown && rulesOf(state).afterWrong !== 'close' && to !== null) {
    const points = rounded((question.points * rulesOf(state).passShare) / 100);
    return to === 'buzz'
      ? step('handOnByBuzz', { type: 'handOn' }, { points })
      : step('handOn', { type: 'handOn' }, { team: name(to.team), points });
  }
  const written = writtenQuestion(state, question);
  if (!question.keyShown && kind.keyed) return step('showKey', { type: 'showKey' });
  if (!question.keyShown && written.explanation) return step('showExplanation', { type: 'showKey' });
  if (!kind.keyed) return step('settleUnscored', { type: 'settle' });
  if (won) {
    const points = worthTo(state, question, won.team)?.amount ?? 0;
    return step('award', { type: 'settle' }, { team: name(won.team), points });
  }
  return step('settle', { type: 'settle' });
}
