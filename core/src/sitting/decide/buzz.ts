import type { Draft } from '../events.ts';
import { rulesOf } from '../read/inPlay.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { teamOf, type Press, type QuestionInPlay, type SittingState } from '../state.ts';
import type { Context } from './context.ts';
import { startClock } from './steps.ts';

/** Presses of others are waited for at most this long, in milliseconds. */
export const LONGEST_WINDOW = 300;
/** No clock is read better than this (ms). */
const LEAST_DOUBT = 1;

/**
 * Takes a press. `pressed` is when, as the client says, on the server's clock. It is believed back to half of
 * the least round trip that was seen, which is bounded and what its doubt is stated as: whoever makes
 * that trip look long gains nothing beyond the doubt, and so at most that it is drawn.
 */
export function buzz(
  state: SittingState,
  { play, pressed, team, seat }: { play: number; pressed: number; team: string; seat: string | null },
  context: Context,
): Draft[] | Refusal {
  const { now, distrusted = false } = context;
  const question = state.question;
  if (question?.play !== play) return refuse('late', 'notInPlay');
  if (!teamOf(state, team)) return refuse('notThere', 'noTeam');
  if (question.mode !== 'buzz') return refuse('notNow', 'notForBuzzer');
  const { lockout, mostDelay } = rulesOf(state);
  if (question.step === 'posed') {
    if (question.early.includes(team)) return refuse('already', 'earlyAlready');
    return [{ type: 'buzzedEarly', team, seat }];
  }
  if (question.step !== 'open') return refuse('late', 'buzzersClosed');
  if (question.tried.includes(team)) return refuse('notYours', 'teamHad');
  if (question.floor !== null) return refuse('late', 'otherFirst');
  if (question.early.includes(team) && now < question.openedAt! + lockout * 1000)
    return refuse('notNow', 'lockedOut', { seconds: lockout });
  if (question.presses.some((one) => one.team === team)) return refuse('already', 'teamPressed');
  const oneWay = distrusted ? 0 : Math.min(context.roundTrip ?? 0, mostDelay) / 2;
  const possible = Math.max(question.openedAt!, now - oneWay);
  const moment = Math.min(now, Math.max(possible, pressed));
  // RFC 5905, section 8: a clock that is set over a network is wrong by at most half a round trip.
  const doubt = oneWay + LEAST_DOUBT;
  const first = question.buzzUntil === null;
  const window = Math.min(context.window ?? 0, mostDelay, LONGEST_WINDOW);
  const until = first ? now + window : question.buzzUntil!;
  const press = {
    type: 'buzzed',
    team,
    seat,
    pressed: moment,
    doubt,
    until,
    ...(distrusted ? { distrusted } : {}),
  } as const;
  if (until > now) return [press];
  return [press, ...decided(state, question, [...question.presses, { ...press, distrusted }], context)];
}

/** Who was first. Each press brings its own doubt; where two lie closer than both together, it is drawn. */
export function decided(
  state: SittingState,
  question: QuestionInPlay,
  presses: readonly Press[],
  { now, random }: Context,
): Draft[] {
  const [first, ...rest] = [...presses].sort((a, b) => a.pressed - b.pressed);
  if (!first) return [];
  const close = rest.filter((one) => one.pressed - first.pressed <= first.doubt + one.doubt);
  const won = [first, ...close][Math.floor(random() * (close.length + 1))] ?? first;
  const second = rest[0];
  return [
    {
      type: 'buzzWon',
      team: won.team,
      seat: won.seat,
      ahead: second ? second.pressed - first.pressed : null,
      doubt: first.doubt + (second?.doubt ?? 0),
      drawn: close.length > 0,
    },
    startClock(state, question, now),
  ];
}
