import { isRunning, ALLOWANCE } from '../../time/clock.ts';
import type { StoredAnswer } from '../../question/kinds/index.ts';
import type { AnswerCommand } from '../command.ts';
import type { Draft } from '../events.ts';
import { kindInPlay, orderFor, rulesOf, writtenQuestion } from '../read/inPlay.ts';
import { isAnonymous, pollingOf, voters } from '../read/polling.ts';
import { ruledOut } from '../read/answering.ts';
import { isRoundOver } from '../read/asking.ts';
import { countsIn } from '../read/counting.ts';

import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import {
  adviceOn,
  memberwise,
  teamOf,
  type QuestionInPlay,
  type Response,
  type Seat,
  type SittingState,
} from '../state.ts';
import { unruled } from '../unruled.ts';
import { advised } from './advice.ts';
import { concluded, markedAlone } from './alone.ts';
import type { Context } from './context.ts';
import { lock, marked } from './steps.ts';
import { tryAgain } from './tryAgain.ts';

/** What was given is nothing that answers the question, told as fits the way in which it is answered. */
function noAnswer(control: string): Refusal {
  if (control === 'number') return refuse('invalid', 'noNumber');
  return refuse('invalid', control === 'order' ? 'noOrder' : 'noSuchAnswer');
}

/** Who answers: a seat for itself or its team, the stage for the team on the floor, or the host for a team. */
function whose(state: SittingState, question: QuestionInPlay, context: Context, forTeam: string | null) {
  const { actor } = context;
  if (forTeam === '') return fromTheRoom(state, question);
  if (forTeam !== null) {
    if (isAnonymous(state, question)) return refuse('notNow', 'noNamesHere');
    if (question.to !== null && question.to !== forTeam) return refuse('notYours', 'othersQuestion');
    if (!teamOf(state, forTeam)) return refuse('notThere', 'noTeam');
    if (question.to === null && memberwise(state, question)) return refuse('notNow', 'membersAnswer');
    return { who: forTeam, team: forTeam, seat: '' };
  }
  if (actor.role === 'stage') {
    if (question.to !== null) return refuse('notYours', 'eachAnswers');
    if (question.floor === null) return refuse('notYours', 'noFloor');
    return { who: question.floor, team: question.floor, seat: '' };
  }
  const seat = state.seats.get(actor.id);
  if (!seat || seat.removed) return refuse('notYours', 'notIn');
  if (!teamOf(state, seat.team)) return refuse('notYours', 'noTeamYet');
  if (question.to !== null)
    return question.to === seat.id || question.to === seat.team
      ? { who: question.to, team: seat.team, seat: seat.id }
      : refuse('notYours', 'othersQuestion');
  if (isAnonymous(state, question)) return behindReceipt(question, seat, context);
  const { mode, score } = state.show.devices;
  const byThemselves = question.mode === 'everyone' || adviceOn(question) !== null;
  const eachAlone = mode === 'each' && (score === 'players' || byThemselves);
  const own = eachAlone ? seat.id : seat.team;
  return { who: own, team: seat.team, seat: seat.id };
}

/** Somebody in the room says it, where nobody has a handset and nothing is anybody's gain: the host writes it down. */
function fromTheRoom(state: SittingState, question: QuestionInPlay) {
  if (state.show.devices.mode !== 'none' || pollingOf(state, question) === null)
    return refuse('notThere', 'noTeam');
  return { who: `room-${question.responses.length + 1}`, team: '', seat: '' };
}

/** Where nobody may know who answered what, a receipt stands for whoever did: it stops a second answer and tells nothing. */
function behindReceipt(question: QuestionInPlay, seat: Seat, { receipt }: Context) {
  if (question.openedAt !== null && seat.givenAt !== null && seat.givenAt > question.openedAt)
    return refuse('notNow', 'seatMoved');
  if (!receipt) return refuse('notNow', 'phoneNameless');
  return { who: receipt(question.play), team: '', seat: '' };
}

/**
 * Takes an answer: one a team, or one a seat where everybody answers for themselves. With `forTeam`
 * the host enters it for that team.
 */
export function answer(
  state: SittingState,
  command: Pick<AnswerCommand, 'play' | 'answer'>,
  context: Context,
  forTeam: string | null = null,
): Draft[] | Refusal {
  if (isSentAgain(state, command, context)) return [];
  const alone = state.plays.get(command.play);
  const question = alone?.to != null ? state.asked.get(alone.to) : state.question;
  const late = (question?.step === 'locked' || question?.step === 'answers') && wasAway(question, context);
  if (question?.play !== command.play || (question.step !== 'open' && !late)) {
    const gone = context.actor.role === 'seat' && state.seats.get(context.actor.id)?.removed !== false;
    return gone ? refuse('notYours', 'notIn') : refuse('late', 'answersLocked');
  }
  const own = whose(state, question, context, forTeam);
  if (isRefusal(own)) return own;
  const no = question.to === null ? null : mayNotAnswer(state, context);
  if (no) return no;
  if (isRunning(question.clock) && context.now > question.clock.deadline + ALLOWANCE)
    return refuse('late', 'answerLate');
  const advising = question.to === null && adviceOn(question) !== null;
  if (question.mode !== 'everyone' && own.team !== question.floor && !advising)
    return question.floor === null
      ? refuse('notYours', 'buzzFirst')
      : refuse('notYours', 'othersTurn', { team: teamOf(state, question.floor)?.name ?? '' });
  if (advising && own.team === question.floor) return refuse('notNow', 'clockWaits');
  const presser = question.buzz?.team === own.team ? question.buzz.seat : null;
  if (own.seat && presser !== null && presser !== own.seat && mustPress(state, presser, context))
    return refuse('notYours', 'buzzedBy', { name: state.seats.get(presser)!.name });
  const given = advising ? undefined : question.byWho.get(own.who);
  const anonymous = isAnonymous(state, question);
  const isFinal = given && !(rulesOf(state).change && given.verdict === null);
  if (isFinal && !anonymous) {
    if (own.who === own.seat) return refuse('already', 'answered');
    const by = given.seat === null ? 'the host' : (state.seats.get(given.seat)?.name ?? 'your team');
    return refuse('already', 'teamAnswered', { by });
  }
  const kind = kindInPlay(state, question);
  if (kind.given !== 'handset') return refuse('notNow', 'notByPhone');
  const content = writtenQuestion(state, question).answer;
  const read = kind.read(content, orderFor(state, question, own.seat || null), command.answer);
  if (!read) return noAnswer(kind.control(content).type);
  if (anonymous && isFinal) return refuse('already', 'answered');
  const out = ruledOut(state, question, [own.who, own.team]);
  if (out.length > 0 && kind.show(content, question.order, read).slots.some((slot) => out.includes(slot)))
    return refuse('used', 'tried');
  if (advising) return advised(state, question, own, read, context);
  const answered: Draft = { type: 'answered', seat: own.seat, team: own.team, answer: read, who: own.who };
  // What a player typed may be for the host's eyes first.
  if ('text' in read && context.actor.role === 'seat' && context.unwanted?.(String(read.text)))
    answered.held = true;
  const again = late ? null : tryAgain(state, question, own, read);
  if (again) return [question.to === null ? answered : { ...answered, play: question.play }, ...again];
  if (question.to !== null) {
    const { response, drafts } = markedAlone(state, question, responseWith(own, read), context);
    const mine = { ...answered, play: question.play };
    return [mine, ...drafts, ...concluded(state, question, response, context)];
  }
  if (late) return [answered, ...marked(state, question, responseWith(own, read), true)];
  // Whoever may still change the mind is not cut short by being the last, and of a whole room nobody knows who is.
  const isCalledOut = forTeam === '';
  if (isCalledOut || rulesOf(state).change || !allHave(state, question, own.who, context)) return [answered];
  const locked = lock(state, 'all', responseWith(own, read));
  return isRefusal(locked) ? [answered] : [answered, ...locked];
}

/**
 * Whether an answer without a name came before, and is sent again because its acknowledgement was lost: it is known
 * by its receipt alone, also when the question is long over.
 */
function isSentAgain(
  state: SittingState,
  { play, answer: wire }: Pick<AnswerCommand, 'play' | 'answer'>,
  { actor, receipt }: Context,
): boolean {
  const question = state.plays.get(play);
  if (!question || !receipt || actor.role !== 'seat' || !isAnonymous(state, question)) return false;
  const before = question.byWho.get(receipt(play));
  const read = kindInPlay(state, question).read(
    writtenQuestion(state, question).answer,
    question.order,
    wire,
  );
  return before !== undefined && JSON.stringify(before.answer) === JSON.stringify(read);
}

/** Why nobody who is asked alone may answer now, or null. */
function mayNotAnswer(state: SittingState, { now }: Context): Refusal | null {
  const { held, clock } = state.round!;
  if (held) return refuse('notNow', 'pausedSoon');
  const over = isRoundOver(state) || (isRunning(clock) && now > clock.deadline + ALLOWANCE);
  return over ? refuse('late', 'roundOver') : null;
}

/** Whether nobody else of the team can answer: whoever pressed is still there to do it. */
const mustPress = (state: SittingState, presser: string, { present = () => true }: Context): boolean => {
  const seat = state.seats.get(presser);
  return seat !== undefined && !seat.removed && present(presser);
};

/** How long after it came back a seat delivers what waited in it (ms). */
const DELIVERING = 5000;

/**
 * Whether whoever answers was cut off when the server went away, and came back only after the lock:
 * what was tapped before counts so long as the key has not been shown.
 */
function wasAway(question: QuestionInPlay, { actor, now, backAt }: Context): boolean {
  const back = actor.role === 'seat' ? (backAt?.(actor.id) ?? null) : null;
  return back !== null && question.lockedAt !== null && back >= question.lockedAt && now - back <= DELIVERING;
}

/** A response as it will stand once it is taken. */
const responseWith = (own: { who: string; team: string; seat: string }, answer: StoredAnswer): Response =>
  unruled({ who: own.who, team: own.team, seat: own.seat || null, answer, after: null });

/** How far the seats were looked through for one that is waited for: a thousand need not be asked each time. */
const lookedThrough = new WeakMap<QuestionInPlay, { seats: Seat[]; at: number }>();

/** Whether everybody who is waited for has answered, once `who` has. */
function allHave(
  state: SittingState,
  question: QuestionInPlay,
  who: string,
  { present = () => true }: Context,
): boolean {
  const each = state.show.devices.mode === 'each' && question.mode === 'everyone';
  if (question.mode !== 'everyone' && !each) return true;
  // Who has answered is not known then, so that it takes as many answers as there are phones, here or not.
  if (isAnonymous(state, question)) return question.responses.length + 1 >= voters(state);
  const has = (one: string) => one === who || question.byWho.has(one);
  // Without handsets the host enters what the teams say, one after the other.
  if (state.show.devices.mode === 'none')
    return state.teams.every((team) => has(team.id) || !countsIn(state.round, team.id));
  if (question.responses.length + 1 < Math.min(2, state.taken.all)) return false;
  const isWaitedFor = (seat: Seat) =>
    !seat.removed &&
    seat.team !== '' &&
    !has(each ? seat.id : seat.team) &&
    present(seat.id) &&
    (question.mode === 'everyone' || seat.team === question.floor) &&
    countsIn(state.round, seat.team);
  const known = lookedThrough.get(question);
  if (known) {
    while (known.at < known.seats.length && !isWaitedFor(known.seats[known.at]!)) known.at++;
    const next = known.seats[known.at];
    if (next && state.seats.get(next.id) === next) return false;
  }
  // Somebody may have come, or come back, since.
  const seats = [...state.seats.values()];
  const at = seats.findIndex(isWaitedFor);
  if (at < 0) return true;
  lookedThrough.set(question, { seats, at });
  return false;
}
