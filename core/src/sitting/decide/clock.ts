import { add, ALLOWANCE, hold, isRunning, run } from '../../time/clock.ts';
import { formatOf } from '../../formats/index.ts';
import type { Draft } from '../events.ts';
import { isAsking, isRoundOver } from '../read/asking.ts';
import { kindInPlay, rulesOf } from '../read/inPlay.ts';
import { nextStep } from '../read/nextStep.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { adviceOn, type SittingState } from '../state.ts';
import { readingNow } from '../read/readingNow.ts';
import { withTurnLeft } from '../read/turns.ts';
import { adviceOver, closeAdvice } from './advice.ts';
import { aloneOver, timeUpAlone } from './alone.ts';
import { decided } from './buzz.ts';
import type { Context } from './context.ts';
import { at, lock } from './steps.ts';

const noClock = refuse('notNow', 'noClock');

export function setClock(
  state: SittingState,
  act: 'hold' | 'run' | 'drop',
  { now }: Context,
): Draft[] | Refusal {
  if (isAsking(state) || (!state.question && state.round?.clock)) return setRoundClock(state, act, now);
  const { question, no } = at(state, 'open');
  if (no) return no;
  const clock = question.clock;
  if (!clock) return noClock;
  if (adviceOn(question)) return refuse('notNow', 'clockWaitsAdvice');
  if (act === 'drop') return [{ type: 'clockSet', clock: null }];
  if (isRunning(clock) === (act === 'run'))
    return refuse('already', act === 'run' ? 'clockRuns' : 'clockHeld');
  return [{ type: 'clockSet', clock: act === 'run' ? run(clock, now) : hold(clock, now) }];
}

/** Stops the clock of the round, and with it everybody who is asked alone, or lets them go on; dropped, the round ends when the host says so. */
function setRoundClock(state: SittingState, act: 'hold' | 'run' | 'drop', now: number): Draft[] | Refusal {
  const { clock, held } = state.round!;
  if (act === 'drop') return clock ? [{ type: 'roundClockSet', clock: null, held }] : noClock;
  if (held === (act === 'hold')) return refuse('already', held ? 'paused' : 'roundRuns');
  const set = act === 'hold' ? hold : run;
  return [{ type: 'roundClockSet', clock: clock && set(clock, now), held: !held }];
}

/** The round ends by itself; where some have had fewer turns than others, one of them is on next. */
function ended(state: SittingState, why: 'time' | 'goal'): Draft[] {
  const end = { type: 'roundEnded', why } as const;
  if (state.question) return [end];
  const turn = withTurnLeft({ ...state, round: { ...state.round!, ended: why } }, state.turn);
  return turn === state.turn ? [end] : [end, { type: 'turnGiven', team: turn }];
}

/** Ends the round that is on. */
export function endRound(state: SittingState): Draft[] | Refusal {
  const { round } = state;
  // A round whose end is for the host to say.
  if (round && !formatOf(round.format).inTurns && !state.question && !isRoundOver(state))
    return formatOf(round.format).next(round.state) === null
      ? [{ type: 'roundEnded', why: 'host' }]
      : refuse('notNow', 'attemptOn');
  return isAsking(state) ? [{ type: 'roundEnded', why: 'host' }] : refuse('notNow', 'nothingToEnd');
}

export function addTime(state: SittingState, seconds: number, { now }: Context): Draft[] | Refusal {
  const round = state.question ? null : state.round;
  if (round?.clock && round.ended === null) {
    const { clock, held } = round;
    return [{ type: 'roundClockSet', clock: add(clock, seconds * 1000, now), held }];
  }
  const { question, no } = at(state, 'open');
  if (no) return no;
  if (!question.clock) return noClock;
  return [{ type: 'clockSet', clock: add(question.clock, seconds * 1000, now) }];
}

/** When the clock of the open question has run out for good (server ms), or null. */
function clockOver({ question }: SittingState): number | null {
  if (question?.step !== 'open' || !isRunning(question.clock)) return null;
  return question.clock.deadline + ALLOWANCE;
}

/** When the round that is on ends by itself (server ms), or null: at once, where its goal is reached. */
function roundOver(state: SittingState): number | null {
  const { round } = state;
  if (!round || round.startedAt === null || round.ended !== null || state.phase !== 'round') return null;
  if (isAsking(state) && isRoundOver(state)) return round.startedAt;
  return isRunning(round.clock) ? round.clock.deadline + ALLOWANCE : null;
}

/** Whether somebody has to judge before the question in play can end as it should. */
function mustBeJudged(state: SittingState): boolean {
  const { question } = state;
  if (!question || question.settledAt !== null || !kindInPlay(state, question).keyed) return false;
  if (question.step === 'picked' || question.step === 'posed') return false;
  const aloud = kindInPlay(state, question).given === 'aloud';
  return aloud ? question.responses.length === 0 : question.responses.some((one) => one.verdict === null);
}

/** When a self-running round goes on by itself (server ms), or null where people must act. */
export function goesOnAt(state: SittingState): number | null {
  if (state.phase !== 'round' || state.held) return null;
  const { pace } = rulesOf(state);
  if (pace === null || nextStep(state).command === null) return null;
  // Open answers are locked by all, by time, or by the host: never by the pace.
  if (state.question?.step === 'open' || mustBeJudged(state)) return null;
  return state.steppedAt + Math.max(pace, readingNow(state)) * 1000;
}

/** Holds a self-running round between its steps, or lets it go on. */
export function holdPace(state: SittingState, on: boolean): Draft[] | Refusal {
  if (state.phase !== 'round' || rulesOf(state).pace === null) return refuse('notNow', 'noAutopilot');
  return state.held === on ? refuse('already', 'already') : [{ type: 'paceHeld', on }];
}

/** The next moment at which time itself acts (server milliseconds), or null. */
export function due(state: SittingState): number | null {
  const moments = [
    clockOver(state),
    state.question?.buzzUntil ?? null,
    roundOver(state),
    adviceOver(state),
    aloneOver(state),
    goesOnAt(state),
  ];
  return moments.reduce(
    (first, one) => (one !== null && (first === null || one < first) ? one : first),
    null,
  );
}

/** What time does once it is due; `carryOut` decides a command of the host. */
export function timeUp(
  state: SittingState,
  context: Context,
  carryOut: (command: NonNullable<ReturnType<typeof nextStep>['command']>) => Draft[] | Refusal,
): Draft[] | Refusal {
  const { now } = context;
  const { question } = state;
  if (question && question.buzzUntil !== null && now >= question.buzzUntil)
    return decided(state, question, question.presses, context);
  const over = clockOver(state);
  if (over !== null && now >= over) return lock(state, 'time');
  const ends = roundOver(state);
  if (ends !== null && now >= ends)
    return ended(state, isAsking(state) && isRoundOver(state) ? 'goal' : 'time');
  const advice = adviceOver(state);
  if (advice !== null && now >= advice) return closeAdvice(state, 'time', context);
  const alone = aloneOver(state);
  if (alone !== null && now >= alone) return timeUpAlone(state, context);
  const on = goesOnAt(state);
  if (on !== null && now >= on) return carryOut(nextStep(state).command!);
  return refuse('notNow', 'timeLeft');
}
