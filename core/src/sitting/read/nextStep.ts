import { aloneIn } from './alone.ts';
import { isRoundOver } from './asking.ts';
import type { HostCommand } from '../command.ts';
import { formatOf } from '../../formats/index.ts';
import { nextRound } from './coming.ts';
import { kindInPlay, rulesOf, writtenQuestion } from './inPlay.ts';
import { pollingOf } from './polling.ts';
import { rounded, wonBy, worthTo } from './points.ts';
import { adviceOn, teamOf, type Advice, type QuestionInPlay, type SittingState } from '../state.ts';
import { handOnTo } from './turns.ts';

/** The next sensible step: what Space will do, as a command, and the words' code and parameters. */
export interface NextStep {
  /** Null where only people can go on: a cell must be picked, an answer ruled on. */
  command: (HostCommand & { type: 'next' }) | null;
  /** What it does, one after the other: more than one thing where the round takes steps together. */
  does: HostCommand[];
  code:
    | 'begin'
    | 'nextRound'
    | 'pick'
    | 'nextQuestion'
    | 'startAlone'
    | 'askingAlone'
    | 'formatWaits'
    | 'close'
    | 'hideStandings'
    | 'spin'
    | 'closeSpinner'
    | 'pose'
    | 'open'
    | 'openBuzzers'
    | 'openToAll'
    | 'buzzing'
    | 'closeAdvice'
    | 'countHands'
    | 'lock'
    | 'lockBuzzers'
    | 'lockAll'
    | 'rule'
    | 'showAnswers'
    | 'showResult'
    | 'showKey'
    | 'showKeyAward'
    | 'showKeyAwardAll'
    | 'showKeySettle'
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

/** A step with what it does; nothing where only people can go on. */
type Planned = Pick<NextStep, 'code' | 'does' | 'params'>;
const step = (
  code: NextStep['code'],
  does: HostCommand | HostCommand[] | null,
  params: NextStep['params'] = {},
): Planned => ({ code, does: does === null ? [] : [does].flat(), params });

/** What the host would sensibly do next, from the state alone. */
export function nextStep(state: SittingState): NextStep {
  const planned = plan(state);
  const command = { type: 'next', after: state.steppedWith } as const;
  return { ...planned, command: planned.does.length > 0 ? command : null };
}

function plan(state: SittingState): Planned {
  if (state.phase === 'lobby') return step('begin', { type: 'begin' });
  if (state.phase === 'closed') return step('over', null);
  if (state.standings) return step('hideStandings', { type: 'showStandings', on: false });
  if (state.spinner)
    return state.spinner.field === null
      ? step('spin', { type: 'spin' })
      : step('closeSpinner', { type: 'closeSpinner' });
  if (state.question) return nextInQuestion(state, state.question);
  const { format, state: own } = state.round!;
  const name = (team: string) => teamOf(state, team)?.name ?? '';
  if (aloneIn(state) !== null && !isRoundOver(state))
    return state.round!.startedAt === null
      ? step('startAlone', { type: 'start' })
      : step('askingAlone', null);
  const waits = formatOf(format).waitsFor(own);
  if (waits !== null) return step('formatWaits', null, { team: name(waits), format });
  const isOver = isRoundOver(state);
  const ref = isOver ? null : formatOf(format).next(own);
  if (ref !== null) {
    return upNext(state, ref);
  }
  if (!isOver) return step('pick', null, { team: name(state.turn) });
  const round = nextRound(state);
  if (round === null) return step('close', { type: 'close' });
  const { title, format: coming, content } = state.show.rounds[round]!;
  const what = formatOf(coming).sort(content) ?? '';
  return step('nextRound', { type: 'begin', round }, { title, format: coming, what });
}

const open = {
  turn: ['open', 'lock'],
  buzz: ['openBuzzers', 'lockBuzzers'],
  everyone: ['openToAll', 'lockAll'],
} as const;

/** Brings up the question that comes by itself; with nothing to see between, it is posed at once. */
function upNext(state: SittingState, ref: string, before: HostCommand[] = []): Planned {
  const { format, state: own } = state.round!;
  const { number, of } = formatOf(format).place(own, ref);
  const pose: HostCommand[] = isJoined(state) ? [{ type: 'pose' }] : [];
  const does: HostCommand[] = [...before, { type: 'choose', ref }, ...pose];
  return step('nextQuestion', does, { number: number ?? 0, of: of ?? 0 });
}

const isJoined = (state: SittingState): boolean => rulesOf(state).steps === 'joined';

/** The end of a question: on to the next one at once, where it comes by itself. */
function leaving(state: SittingState): Planned {
  const { format, state: own } = state.round!;
  const ref = formatOf(format).waitsFor(own) === null ? formatOf(format).next(own) : null;
  if (ref === null || isRoundOver(state) || !isJoined(state) || formatOf(format).seenBetween)
    return step('leave', { type: 'leave' });
  return upNext(state, ref, [{ type: 'leave' }]);
}

function nextInQuestion(state: SittingState, question: QuestionInPlay): Planned {
  const floor = question.floor === null ? '' : (teamOf(state, question.floor)?.name ?? '');
  const kind = kindInPlay(state, question);
  switch (question.step) {
    case 'picked':
      return step('pose', { type: 'pose' });
    case 'posed':
      if (kind.given === 'nowhere') return unscored(state);
      return step(
        question.floor === null ? open[question.mode][0] : 'open',
        { type: 'open' },
        { team: floor },
      );
    case 'open':
      if (question.buzzUntil !== null) return step('buzzing', null);
      if (adviceOn(question)) return advising(state, adviceOn(question)!);
      return step(
        question.floor === null ? open[question.mode][1] : 'lock',
        isJoined(state) && willShow(state, question)
          ? [{ type: 'lock' }, { type: 'showAnswers' }]
          : { type: 'lock' },
        { team: floor },
      );
    case 'settled':
      return leaving(state);
    default:
      return question.mode === 'everyone' ? nextForAll(state, question) : nextForOne(state, question);
  }
}

/** While others are asked nothing can be locked: they are waited for, or their hands are counted. */
function advising(state: SittingState, { of }: Advice): Planned {
  const byHands = of === 'room' && state.show.devices.mode === 'none';
  return byHands ? step('countHands', null) : step('closeAdvice', { type: 'closeAdvice' });
}

/** Whether answers are shown by themselves before the key: always where they are all there is to see. */
const willShow = (state: SittingState, question: QuestionInPlay): boolean =>
  pollingOf(state, question)?.shown !== 'desk' &&
  (rulesOf(state).picks === 'before' || !kindInPlay(state, question).keyed) &&
  (question.hands !== null || question.responses.some((response) => response.answer));

/** Whether there are answers that were given and not shown yet, and are to be shown before the key. */
const toShow = (state: SittingState, question: QuestionInPlay): boolean =>
  question.step === 'locked' &&
  willShow(state, question) &&
  (question.responses.some((response) => response.answer && !response.shown) ||
    (question.hands !== null && !question.answersShown));

/** Shows the answers by themselves: of a poll they are its result. */
const showing = (state: SittingState, question: QuestionInPlay): Planned =>
  step(kindInPlay(state, question).keyed ? 'showAnswers' : 'showResult', { type: 'showAnswers' });

/** The end of what nobody can win; with nothing more to see it is left at once. */
const unscored = (state: SittingState): Planned =>
  step('settleUnscored', isJoined(state) ? [{ type: 'settle' }, { type: 'leave' }] : { type: 'settle' });

/** Shows the key; where steps are taken together the points are entered with it. */
function key(state: SittingState, points: Planned): Planned {
  if (!isJoined(state)) return step('showKey', { type: 'showKey' });
  const code = { award: 'showKeyAward', awardAll: 'showKeyAwardAll' } as const;
  const own = code[points.code as keyof typeof code] ?? 'showKeySettle';
  return step(own, [{ type: 'showKey' }, { type: 'settle' }], points.params);
}

/** After the lock, where everyone could answer. */
function nextForAll(state: SittingState, question: QuestionInPlay): Planned {
  const kind = kindInPlay(state, question);
  if (toShow(state, question)) return showing(state, question);
  const { explanation } = writtenQuestion(state, question);
  if (!kind.keyed)
    return !question.keyShown && explanation ? step('showExplanation', { type: 'showKey' }) : unscored(state);
  const count = question.responses.filter((response) => response.share > 0).length;
  const points =
    count > 0 ? step('awardAll', { type: 'settle' }, { count }) : step('settle', { type: 'settle' });
  return question.keyShown ? points : key(state, points);
}

/** After the lock, where one team at a time has the floor. */
function nextForOne(state: SittingState, question: QuestionInPlay): Planned {
  const kind = kindInPlay(state, question);
  const name = (team: string) => teamOf(state, team)?.name ?? '';
  const won = wonBy(state, question);
  if (toShow(state, question)) return showing(state, question);
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
  if (!kind.keyed)
    return !question.keyShown && written.explanation
      ? step('showExplanation', { type: 'showKey' })
      : unscored(state);
  const points = won
    ? step(
        'award',
        { type: 'settle' },
        { team: name(won.team), points: worthTo(state, question, won.team)?.amount ?? 0 },
      )
    : step('settle', { type: 'settle' });
  return question.keyShown ? points : key(state, points);
}
