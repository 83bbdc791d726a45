import type { Command } from '../command.ts';
import { commandKey, type Actor, type Draft, type LoggedEvent } from '../events.ts';
import { isRefusal, refuse, type Refusal } from '../../refusal.ts';
import { countAgain, countNow } from './count.ts';
import { countHands, group } from './poll.ts';
import { fold } from '../sitting.ts';
import { playOf, teamOf, type Sitting, type SittingState } from '../state.ts';
import { closeAdvice, countAdvice } from './advice.ts';
import { askAgain, goOn, start } from './alone.ts';
import { answer } from './answer.ts';
import { buzz } from './buzz.ts';
import { buyBoost, giveBoost, useBoost } from './boosts.ts';
import { closeSpinner, showSpinner, spin } from './spinner.ts';
import { addTime, endRound, holdPace, setClock, timeUp } from './clock.ts';
import { isAnonymous } from '../read/polling.ts';
import type { Context } from './context.ts';
import { next } from './next.ts';
import { giveSeat, moveSeat, removeSeat, renameSeat, takeSeat } from './people.ts';
import { act, begin, choose, giveTurn } from './round.ts';
import { reweigh } from './reweigh.ts';
import { acceptAnswer, rule } from './rule.ts';
import { handOn, leave, lock, open, pose, settle, showAnswers, showKey, showResponse } from './steps.ts';
import { forward, takeBack } from './takeBack.ts';

const roles: Partial<Record<Command['type'], Actor['role'][]>> = {
  choose: ['host', 'stage', 'seat'],
  answer: ['seat', 'stage'],
  buzz: ['seat'],
  goOn: ['seat'],
  spin: ['host', 'stage', 'seat'],
  buyBoost: ['seat'],
  useBoost: ['seat'],
  act: ['host', 'stage', 'seat'],
  mute: ['host', 'stage'],
  next: ['host', 'stage'],
  takeBackStep: ['host', 'stage'],
  takeSeat: ['seat'],
  timeUp: ['clock'],
  outage: ['clock'],
};

/**
 * Decides what a command does: the events it leads to, stamped and numbered, or a refusal with a
 * sentence for the person. Never throws for any command in any state, and changes nothing.
 * A command whose id was carried out before leads to no events.
 */
export function decide(
  sitting: Sitting,
  id: string,
  command: Command,
  context: Context,
): LoggedEvent[] | Refusal {
  const { state } = sitting;
  // Time does what is due, whatever it is called: its commands need no id of their own.
  if (context.actor.role !== 'clock' && state.commands.has(commandKey(context.actor, id))) return [];
  if (!(roles[command.type] ?? ['host']).includes(context.actor.role)) return refuse('notYours', 'hostOnly');
  const drafts = draft(sitting, command, context);
  if (isRefusal(drafts)) return drafts;
  let seq = sitting.log.at(-1)?.seq ?? 0;
  const stamp = stampOf(state, id, drafts, context);
  // Drafts were made just now and belong to nobody else: copies would cost more than all the rest.
  for (const one of drafts as LoggedEvent[]) {
    one.seq = ++seq;
    one.at = one.type === 'answered' ? stamp.answeredAt : context.now;
    one.actor = stamp.actor;
    one.command = stamp.id;
  }
  return drafts as LoggedEvent[];
}

/**
 * By whom and through which command events come about. Where nobody may know who answered, the log says neither that
 * nor when: the receipt is all there is, and the answer as old as the question.
 */
function stampOf(state: SittingState, id: string, drafts: readonly Draft[], { actor, now }: Context) {
  const [first] = drafts;
  const { question } = state;
  const secret =
    first?.type === 'answered' &&
    actor.role === 'seat' &&
    first.play === undefined &&
    question &&
    isAnonymous(state, question);
  if (!secret) return { actor, id, answeredAt: now };
  return { actor: { role: 'seat', id: '' } as const, id: first.who, answeredAt: question.openedAt ?? now };
}

function draft(sitting: Sitting, command: Command, context: Context): Draft[] | Refusal {
  const { state } = sitting;
  const always = [
    'giveSeat',
    'takeBack',
    'takeBackStep',
    'forward',
    'adjust',
    'rule',
    'acceptAnswer',
    'reweigh',
    'mute',
    'allowReactions',
    'letThrough',
  ];
  if (state.phase === 'closed' && !always.includes(command.type)) return refuse('notNow', 'showClosed');
  switch (command.type) {
    case 'begin':
      return begin(state, command.round, context);
    case 'giveTurn':
      return giveTurn(state, command.team);
    case 'choose':
      return choose(state, command.ref, context, command.team);
    case 'pose':
      return pose(state, context);
    case 'open':
      return open(state, context);
    case 'lock':
      return lock(state, 'host');
    case 'rule':
      return recounted(sitting, rule(state, command, context), command.play);
    case 'acceptAnswer':
      return recounted(sitting, acceptAnswer(state, command.play, command.who), command.play);
    case 'reweigh':
      return recounted(sitting, reweigh(state, command), command.play);
    case 'showAnswers':
      return showAnswers(state);
    case 'showKey':
      return showKey(state);
    case 'showResponse':
      return showResponse(state, command.who);
    case 'handOn':
      return handOn(state, context);
    case 'settle':
      return settle(state);
    case 'leave':
      return leave(state, context);
    case 'buzzFor':
      return buzz(state, { ...command, seat: null }, context);
    case 'buzz': {
      const seat = state.seats.get(context.actor.id);
      if (!seat || seat.removed) return refuse('notYours', 'notIn');
      return buzz(state, { ...command, team: seat.team, seat: seat.id }, context);
    }
    case 'showSpinner':
      return showSpinner(state, command.what, command.team ?? null);
    case 'spin':
    case 'spinAgain':
      return spin(state, command, context);
    case 'closeSpinner':
      return closeSpinner(state, context);
    case 'giveBoost':
      return giveBoost(state, command.team, command.boost);
    case 'useBoostFor':
      return useBoost(state, { team: command.team, seat: null }, command, context);
    case 'buyBoost':
    case 'useBoost': {
      const seat = state.seats.get(context.actor.id);
      if (!seat || seat.removed) return refuse('notYours', 'notIn');
      const owner = { team: seat.team, seat: seat.id };
      return command.type === 'buyBoost'
        ? buyBoost(state, owner, command.boost)
        : useBoost(state, owner, command, context);
    }
    case 'act':
      return act(state, command.act, context);
    case 'clock':
      return setClock(state, command.act, context);
    case 'addTime':
      return addTime(state, command.seconds, context);
    case 'showStandings':
      return state.standings === command.on
        ? refuse('already', 'already')
        : [{ type: 'standingsShown', on: command.on }];
    case 'countHands':
      return countHands(state, command.counts);
    case 'group':
      return group(state, command);
    case 'letThrough': {
      const response = playOf(state, command.play)?.byWho.get(command.who);
      if (!response?.held) return refuse('already', 'nothingHeld');
      return [{ type: 'letThrough', who: command.who, play: command.play }];
    }
    case 'next':
      return next(state, command.after, context, (one) => draft(sitting, one, context));
    case 'takeBackStep':
      return takeBack(sitting);
    case 'holdPace':
      return holdPace(state, command.on);
    case 'allowReactions':
      return state.reactions === command.on
        ? refuse('already', 'already')
        : [{ type: 'reactionsAllowed', on: command.on }];
    case 'mute':
      return state.muted === command.on ? refuse('already', 'already') : [{ type: 'muted', on: command.on }];
    case 'adjust':
      return adjust(state, command);
    case 'takeBack':
      return takeBack(sitting, command.to);
    case 'forward':
      return forward(sitting);
    case 'close':
      return state.phase === 'lobby'
        ? refuse('notNow', 'roundNotBegun')
        : [...countNow(state), { type: 'closed' }];
    case 'lockDoors':
      return state.locked === command.on
        ? refuse('already', 'already')
        : [{ type: 'doorsLocked', on: command.on }];
    case 'renameSeat':
      return renameSeat(state, command.seat, command.name);
    case 'moveSeat':
      return moveSeat(state, command.seat, command.team, context);
    case 'removeSeat':
      return removeSeat(state, command.seat, command.ban ?? false);
    case 'giveSeat':
      return giveSeat(state, command.seat, command.token);
    case 'answer':
      return answer(state, command, context);
    case 'answerFor':
      return answer(state, command, context, command.team);
    case 'start':
      return start(state, context);
    case 'closeAdvice':
      return closeAdvice(state, 'host', context);
    case 'countAdvice':
      return countAdvice(state, command.counts, context);
    case 'endRound':
      return endRound(state);
    case 'goOn':
      return goOn(state, command.play, context);
    case 'askAgain':
      return askAgain(state, command.to);
    case 'takeSeat':
      return takeSeat(state, command, context);
    case 'timeUp':
      return timeUp(state, context, (next) => draft(sitting, next, context));
    case 'outage':
      return [{ type: 'outage', ms: command.ms }];
  }
}

/** With a ruling in a round that was counted, what that round brings to the show follows. */
function recounted(
  { log, state }: Sitting,
  drafts: Draft[] | Refusal,
  play: number | undefined,
): Draft[] | Refusal {
  const meant = play === undefined ? state.question : playOf(state, play);
  if (isRefusal(drafts) || !meant || state.begun[meant.begun]!.places === null) return drafts;
  const at = state.seq;
  const stamped = drafts.map((one, i) => ({ ...one, seq: at + 1 + i, at: 0, actor: NOBODY, command: '' }));
  return [...drafts, ...countAgain(fold([...log, ...stamped]), meant.begun)];
}
const NOBODY: Actor = { role: 'clock', id: '' };

function adjust(
  state: SittingState,
  { team, amount, reason }: Command & { type: 'adjust' },
): Draft[] | Refusal {
  if (!teamOf(state, team)) return refuse('notThere', 'noTeam');
  if (amount === 0) return refuse('invalid', 'zeroPoints');
  return [{ type: 'scored', team, amount, cause: { by: 'hand', reason } }];
}
