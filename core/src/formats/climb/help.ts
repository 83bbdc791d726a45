import { kindOf } from '../../question/kinds/index.ts';
import type { Random } from '../../random/shuffle.ts';
import { allButTwo, hasOptions } from '../../question/thin.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { hold } from '../../time/clock.ts';
import type { RoundDraft } from '../events.ts';
import type { Table } from '../format.ts';
import type { Act } from './acts.ts';
import type { Assist } from './content.ts';
import { onSlope, type ClimbState } from './state.ts';

const hasChoice = ({ question }: Table): boolean => question !== null && hasOptions(question.written);

/** Whether an assist is of any use on the question. */
const canHelp: Record<Assist, (table: Table) => boolean> = {
  // The key and one wrong option are left.
  thin: (table) => hasChoice(table) && table.question!.order.length - table.question!.removed.length > 2,
  voice: ({ question }) => question !== null && kindOf(question.written.answer.kind).given === 'handset',
  room: hasChoice,
};

/** Why an assist cannot be used now, or null. */
export function noAssist(state: ClimbState, assist: Assist, table: Table): Refusal | null {
  const climb = onSlope(state);
  if (!climb || !table.question?.isOpen || state.fastest) return refuse('notNow', 'helpWhileOpen');
  if (table.question.advising) return refuse('notNow', 'adviceOn');
  const used = climb.used.filter((one) => one.assist === assist).length;
  if (used >= state.assists[assist]) return refuse('used', 'helpUsed');
  if (!canHelp[assist](table)) return refuse('notNow', 'helpUseless');
  // Without phones there is a room that raises hands.
  const isAlone = table.handsets && table.people().every(({ team }) => team === climb.team);
  if (assist !== 'thin' && isAlone) return refuse('notNow', 'nobodyElse');
  return null;
}

function askAdvice(of: 'voice' | 'room', from: string | null, seconds: number, table: Table): RoundDraft {
  const { question, now, handsets } = table;
  const limit = handsets ? seconds * 1000 : null;
  const clock = limit === null ? null : { deadline: now + limit };
  return { type: 'adviceAsked', of, from, held: question!.clock && hold(question!.clock, now), clock, limit };
}

/** Help is asked for: options are taken away, or others are asked. */
export function useAssist(
  state: ClimbState,
  act: Extract<Act, { do: Assist }>,
  table: Table,
  random: Random,
): RoundDraft[] | Refusal {
  const no = noAssist(state, act.do, table);
  if (no) return no;
  const acted: RoundDraft = { type: 'acted', act };
  const { written, order, removed } = table.question!;
  if (act.do === 'thin')
    return [acted, { type: 'thinned', removed: allButTwo(written, order, removed, random) }];
  if (act.do === 'room') return [acted, askAdvice('room', null, state.adviceClock, table)];
  // One person, or – from a phone, which knows teams alone – whoever of a team speaks first.
  const asked = table.people().find(({ who, team }) => who === act.who || team === act.who);
  if (!asked || asked.team === onSlope(state)!.team) return refuse('notThere', 'askOther');
  return [acted, askAdvice('voice', act.who, state.adviceClock, table)];
}
