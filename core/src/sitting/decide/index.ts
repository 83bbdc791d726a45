import { formatOf } from '../../formats/index.ts';
import type { Command } from '../command.ts';
import type { Actor, Draft, LoggedEvent } from '../events.ts';
import { isRefusal, refuse, type Refusal } from '../refusal.ts';
import { teamOf, type Sitting, type SittingState } from '../state.ts';
import { answer } from './answer.ts';
import { addTime, setClock, timeUp } from './clock.ts';
import type { Context } from './context.ts';
import { moveSeat, removeSeat, renameSeat, takeSeat } from './people.ts';
import { handOn, leave, lock, open, pose, rule, settle, showAnswers, showKey } from './steps.ts';
import { takeBack } from './takeBack.ts';

const roles: Partial<Record<Command['type'], Actor['role'][]>> = {
  choose: ['host', 'stage'],
  answer: ['seat'],
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
  if (state.commands.has(id)) return [];
  if (!(roles[command.type] ?? ['host']).includes(context.actor.role))
    return refuse('notYours', 'Only the host can do that.');
  const drafts = draft(sitting, command, context);
  if (isRefusal(drafts)) return drafts;
  const last = sitting.log.at(-1)?.seq ?? 0;
  return drafts.map((one, i) => ({
    ...one,
    seq: last + 1 + i,
    at: context.now,
    actor: context.actor,
    command: id,
  }));
}

function draft(sitting: Sitting, command: Command, context: Context): Draft[] | Refusal {
  const { state } = sitting;
  if (state.phase === 'closed' && command.type !== 'takeBack' && command.type !== 'adjust')
    return refuse('notNow', 'The show is closed. Take back the closing to go on.');
  switch (command.type) {
    case 'begin':
      return state.phase === 'lobby'
        ? [{ type: 'roundBegan', round: 0, turn: state.show.teams[0]!.id }]
        : refuse('already', 'The round has begun.');
    case 'giveTurn':
      return giveTurn(state, command.team);
    case 'choose':
      return choose(state, command.ref);
    case 'pose':
      return pose(state, context);
    case 'open':
      return open(state, context);
    case 'lock':
      return lock(state, 'host');
    case 'rule':
      return rule(state, command.team, command.verdict, command.share);
    case 'showAnswers':
      return showAnswers(state);
    case 'showKey':
      return showKey(state);
    case 'handOn':
      return handOn(state, context);
    case 'settle':
      return settle(state);
    case 'leave':
      return leave(state);
    case 'clock':
      return setClock(state, command.act, context);
    case 'addTime':
      return addTime(state, command.seconds, context);
    case 'showStandings':
      return state.standings === command.on
        ? refuse('already', 'It is so already.')
        : [{ type: 'standingsShown', on: command.on }];
    case 'adjust':
      if (!teamOf(state, command.team)) return refuse('notThere', 'There is no such team.');
      if (command.amount === 0) return refuse('invalid', 'A change of 0 points changes nothing.');
      return [
        {
          type: 'scored',
          team: command.team,
          amount: command.amount,
          cause: { by: 'hand', reason: command.reason },
        },
      ];
    case 'takeBack':
      return takeBack(sitting);
    case 'close':
      return state.phase === 'lobby' ? refuse('notNow', 'The round has not begun.') : [{ type: 'closed' }];
    case 'renameSeat':
      return renameSeat(state, command.seat, command.name);
    case 'moveSeat':
      return moveSeat(state, command.seat, command.team);
    case 'removeSeat':
      return removeSeat(state, command.seat);
    case 'answer':
      return answer(state, command, context);
    case 'takeSeat':
      return takeSeat(state, command);
    case 'timeUp':
      return timeUp(state, context);
    case 'outage':
      return [{ type: 'outage', ms: command.ms }];
  }
}

function giveTurn(state: SittingState, team: string): Draft[] | Refusal {
  if (!teamOf(state, team)) return refuse('notThere', 'There is no such team.');
  if (state.phase !== 'round') return refuse('notNow', 'The round has not begun.');
  if (state.question) return refuse('notNow', 'A question is in play: hand it on instead.');
  return state.turn === team ? refuse('already', 'It is their turn.') : [{ type: 'turnGiven', team }];
}

function choose(state: SittingState, ref: string): Draft[] | Refusal {
  if (!state.round) return refuse('notNow', 'The round has not begun.');
  const table = { show: state.show, turn: state.turn, busy: state.question !== null };
  return formatOf(state.round.format).choose(state.round.state, ref, table);
}
