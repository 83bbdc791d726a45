import * as v from 'valibot';
import { formatOf } from '../formats/index.ts';
import type { Random } from '../random/shuffle.ts';
import { isRefusal, refuse, type Refusal } from '../refusal.ts';
import type { Show } from '../show/show.ts';
import type { Command, HostCommand, SeatCommand } from '../sitting/command.ts';
import { due } from '../sitting/decide/clock.ts';
import { decide } from '../sitting/decide/index.ts';
import type { Actor, LoggedEvent } from '../sitting/events.ts';
import { openDoors } from '../sitting/openDoors.ts';
import { aloneIn } from '../sitting/read/alone.ts';
import { kindInPlay } from '../sitting/read/inPlay.ts';
import { nextStep } from '../sitting/read/nextStep.ts';
import { append, newSitting, replay } from '../sitting/sitting.ts';
import type { Sitting, SittingState } from '../sitting/state.ts';

/** The one seat of a run. */
export const SEAT = 'me';
const ME: Actor = { role: 'seat', id: SEAT };
const HOST: Actor = { role: 'host', id: 'practice' };
const CLOCK: Actor = { role: 'clock', id: '' };
/** A run that has not come to somebody's choice after so many steps never will. */
const MOST_STEPS = 400;

/** What happens from outside: when, by which chance, and when the time for the whole run is over (server ms; null for never). */
export interface Moment {
  now: number;
  random: Random;
  until: number | null;
}

const Ready = v.object({ do: v.literal('ready') });

/** What whoever practises may do: what a seat may, and the end of it before its time. */
export type RunCommand = SeatCommand | { type: 'finish' };

/**
 * The first event of a run: not stored, since it holds the show, which is the same for all runs. Always the same from
 * the same `show` and moment.
 */
const opening = (show: Show, at: number): LoggedEvent =>
  openDoors(show, '', 'doors', at, { role: 'host', id: '' });

/** A run as it is taken up again from what was stored of it. */
export const resumeRun = (show: Show, begunAt: number, stored: readonly LoggedEvent[]): Sitting =>
  replay([opening(show, begunAt), ...stored]);

/** A run begins: the show is opened for one person, and goes on to the first question by itself. @returns what is to be stored. */
export function beginRun(
  show: Show,
  name: string,
  moment: Moment,
): { sitting: Sitting; events: LoggedEvent[] } {
  const sitting = newSitting();
  append(sitting, [opening(show, moment.now)]);
  const seat = { type: 'takeSeat', seat: SEAT, token: SEAT, name, team: '' } as const;
  const events = carryOut(sitting, 'seat', seat, ME, moment);
  if (isRefusal(events)) throw new Error(events.says);
  return { sitting, events: [...events, ...driveOn(sitting, 'begin', moment)] };
}

/**
 * Carries out what the one who practises does, and with it all that a host would do then, up to their next choice.
 * `sitting` is changed in place.
 * @returns what is to be stored: nothing where the same command came before.
 */
export function inRun(
  sitting: Sitting,
  id: string,
  command: RunCommand,
  moment: Moment,
): LoggedEvent[] | Refusal {
  const before = passTime(sitting, moment);
  const own = doOwn(sitting, id, command, moment);
  // What time did stands, also where the command came too late.
  if (isRefusal(own)) return before.length > 0 ? [...before, ...driveOn(sitting, id, moment)] : own;
  return [...before, ...own, ...driveOn(sitting, id, moment)];
}

/** What time alone did meanwhile: clocks that ran out. `sitting` is changed in place. */
export function passTime(sitting: Sitting, moment: Moment): LoggedEvent[] {
  const events: LoggedEvent[] = [];
  const { until, now } = moment;
  if (until !== null && now > until) {
    const ended = finish(sitting, `time ${until}`, moment);
    return isRefusal(ended) ? [] : ended;
  }
  for (let i = 0; i < MOST_STEPS; i++) {
    const at = due(sitting.state);
    if (at === null || at > moment.now) break;
    const more = carryOut(sitting, `time ${at}`, { type: 'timeUp' }, CLOCK, moment);
    if (isRefusal(more)) break;
    events.push(...more);
  }
  return events.length > 0 ? [...events, ...driveOn(sitting, `time ${moment.now}`, moment)] : events;
}

function doOwn(sitting: Sitting, id: string, command: RunCommand, moment: Moment): LoggedEvent[] | Refusal {
  const { state } = sitting;
  switch (command.type) {
    case 'finish':
      return finish(sitting, id, moment);
    case 'goOn':
      if (aloneIn(state) !== null && state.question === null)
        return carryOut(sitting, id, command, ME, moment);
      return goOn(sitting, id, command.play, moment);
    case 'choose':
      // The host of a practice lets choose whoever takes it.
      return carryOut(sitting, id, { type: 'choose', ref: command.ref }, HOST, moment);
    case 'act':
      // There is no host to wait for: whoever is ready goes on.
      return v.is(Ready, command.act)
        ? goOn(sitting, id, state.question?.play ?? 0, moment)
        : carryOut(sitting, id, command, ME, moment);
    default:
      return carryOut(sitting, id, command, ME, moment);
  }
}

/** Ends a run as it stands: a question that is open counts as not answered. */
function finish(sitting: Sitting, id: string, moment: Moment): LoggedEvent[] | Refusal {
  if (sitting.state.phase === 'closed') return [];
  return carryOut(sitting, id, { type: 'close' }, HOST, moment);
}

/** On from a question that is over, a page, or a rung. `play` is the question from which one goes on; 0 for none. */
function goOn(sitting: Sitting, id: string, play: number, moment: Moment): LoggedEvent[] | Refusal {
  const { state } = sitting;
  if ((state.question?.play ?? 0) !== play) return [];
  if (waitsFor(state) !== 'goOn') return refuse('notNow', 'answerFirst');
  const events: LoggedEvent[] = [];
  // A page is settled and left in one go.
  for (let i = 0; i < 3; i++) {
    const more = step(sitting, `${id} on ${i}`, moment);
    if (!more) break;
    events.push(...more);
    if (state.question === null || sitting.state.question?.play !== play) break;
  }
  return events;
}

/** For what a run waits: an answer, a choice, or that somebody has looked long enough; or it is over. */
export type Waiting = 'answer' | 'choose' | 'goOn' | 'over';

export function waitsFor(state: SittingState): Waiting {
  if (state.phase === 'closed') return 'over';
  const { question } = state;
  if (question) {
    if (question.step === 'open') return 'answer';
    if (question.step === 'settled') return 'goOn';
    return kindInPlay(state, question).given === 'nowhere' ? 'goOn' : 'answer';
  }
  const own = state.asked.get(SEAT);
  if (aloneIn(state) !== null && own) return own.step === 'settled' ? 'goOn' : 'answer';
  return nextStep(state).code === 'pick' ? 'choose' : 'goOn';
}

/** Everything that a host would do without asking anybody. */
function driveOn(sitting: Sitting, id: string, moment: Moment): LoggedEvent[] {
  const events: LoggedEvent[] = [];
  for (let i = 0; i < MOST_STEPS && goesByItself(sitting.state); i++) {
    const more = step(sitting, `${id} ${i}`, moment);
    if (!more) return events;
    events.push(...more);
  }
  return events;
}

/** Whether the next step is nobody's choice. */
function goesByItself(state: SittingState): boolean {
  if (state.phase !== 'round') return state.phase === 'lobby';
  const { question } = state;
  if (question) {
    if (question.step === 'open' || question.step === 'settled') return false;
    return !(question.step === 'posed' && kindInPlay(state, question).given === 'nowhere');
  }
  const { code } = nextStep(state);
  if (code === 'askingAlone') return false;
  // Between two rungs it is for whoever climbs to say whether they go on.
  if (code === 'nextQuestion' && !formatOf(state.round!.format).inTurns) return isFirst(state);
  return code !== 'pick' || mustSetOut(state) !== null;
}

/** Whether nothing was asked yet in the round that is on. */
const isFirst = (state: SittingState): boolean =>
  !state.played.some(({ begun }) => begun === state.begun.length - 1);

/** What a host does so that somebody may begin, where a round waits for that. */
function mustSetOut(state: SittingState): HostCommand | null {
  const { format } = state.round!;
  return format === 'climb' && nextStep(state).code === 'pick'
    ? { type: 'act', act: { do: 'climber', team: SEAT } }
    : null;
}

/** The next step of the host; null where there is none. */
function step(sitting: Sitting, id: string, moment: Moment): LoggedEvent[] | null {
  const { state } = sitting;
  const does =
    (state.phase === 'round' && state.question === null ? mustSetOut(state) : null) ??
    nextStep(state).does[0];
  if (!does) return null;
  const events = carryOut(sitting, id, does, HOST, moment);
  return isRefusal(events) || events.length === 0 ? null : events;
}

/** Decides a command and takes what follows from it into the sitting. */
function carryOut(
  sitting: Sitting,
  id: string,
  command: Command,
  actor: Actor,
  { now, random }: Moment,
): LoggedEvent[] | Refusal {
  const events = decide(sitting, id, command, { now, random, actor });
  if (!isRefusal(events)) append(sitting, events);
  return events;
}
