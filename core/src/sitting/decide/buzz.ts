import type { Draft } from '../events.ts';
import { rulesOf } from '../inPlay.ts';
import { refuse, type Refusal } from '../refusal.ts';
import { teamOf, type Press, type QuestionInPlay, type SittingState } from '../state.ts';
import type { Context } from './context.ts';
import { startClock } from './steps.ts';

/** Presses of others are waited for at most this long, in milliseconds. */
export const LONGEST_WINDOW = 300;

/**
 * Takes a press. `pressed` is when, as the client says, on the server's clock; it is believed as far
 * as the client's own delay makes it possible: nobody gains more than one round trip by a lie.
 */
export function buzz(
  state: SittingState,
  { play, pressed, team, seat }: { play: number; pressed: number; team: string; seat: string | null },
  context: Context,
): Draft[] | Refusal {
  const { now, roundTrip = 0, doubt = roundTrip / 2, window = 0 } = context;
  const question = state.question;
  if (question?.play !== play) return refuse('late', 'That question is not in play.');
  if (!teamOf(state, team)) return refuse('notThere', 'There is no such team.');
  if (question.mode !== 'buzz') return refuse('notNow', 'This question is not for the buzzer.');
  const { lockout } = rulesOf(state);
  if (question.step === 'posed') {
    if (question.early.includes(team)) return refuse('already', 'You have pressed too early already.');
    return [{ type: 'buzzedEarly', team, seat }];
  }
  if (question.step !== 'open') return refuse('late', 'The buzzers are closed.');
  if (question.tried.includes(team)) return refuse('notYours', 'Your team has had this question.');
  if (question.floor !== null) return refuse('late', 'Another team was first.');
  if (question.early.includes(team) && now < question.openedAt! + lockout * 1000)
    return refuse('notNow', `You pressed too early and have to wait ${lockout} s.`);
  if (question.presses.some((one) => one.team === team))
    return refuse('already', 'Your team has pressed already.');
  const possible = Math.max(question.openedAt!, now - roundTrip);
  const moment = Math.min(now, Math.max(possible, pressed));
  const first = question.buzzUntil === null;
  const until = first ? now + Math.min(window, LONGEST_WINDOW) : question.buzzUntil!;
  const press = { type: 'buzzed', team, seat, pressed: moment, doubt, until } as const;
  if (until > now) return [press];
  return [press, ...decided(state, question, [...question.presses, press], context)];
}

/**
 * Who was first. A clock that is set over a network is wrong by at most half a round trip (RFC 5905,
 * section 8), as a rule by much less: each press brings its own doubt. Where two lie closer than
 * both doubts together nobody can say, and it is drawn.
 */
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
