import * as v from 'valibot';
import type { Random } from '../../random/shuffle.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import { Id } from '../../text/schemas.ts';
import type { RoundDraft } from '../events.ts';
import type { By, Table } from '../format.ts';
import { isFull, mayClimb, onSlope, type ClimbState } from './state.ts';

/** What may be done in a climb beside answering. */
export const Act = v.variant('do', [
  v.object({ do: v.literal('climber'), team: Id }),
  v.object({ do: v.literal('draw') }),
  v.object({ do: v.literal('fastest') }),
  v.object({ do: v.literal('ready') }),
  v.object({ do: v.literal('stop') }),
  v.object({ do: v.literal('thin') }),
  v.object({ do: v.literal('voice'), who: Id }),
  v.object({ do: v.literal('room') }),
]);
export type Act = v.InferOutput<typeof Act>;
/** As it stands in the log: with what chance decided, and how many it was drawn from. */
export type Acted = Act & { team?: string; among?: number };

/** Somebody is chosen, drawn, or sought by a question to everybody. */
export function newClimber(
  state: ClimbState,
  act: Act,
  table: Table,
  by: By,
  random: Random,
): RoundDraft[] | Refusal {
  if (by.role === 'team') return refuse('notYours', 'hostPicksClimber');
  if (onSlope(state)) return refuse('already', 'climbing');
  if (isFull(state) || state.over) return refuse('notNow', 'climbsOver');
  const able = mayClimb(state, table.teams);
  if (able.length === 0) return refuse('notNow', 'allClimbed');
  if (act.do === 'fastest') return [{ type: 'acted', act }];
  const drawn = act.do === 'draw' ? able[Math.floor(random() * able.length)]! : null;
  const team = drawn ?? (act as Act & { do: 'climber' }).team;
  if (!able.includes(team)) return refuse('notNow', 'hasClimbed');
  const said: Acted = { ...(act as Act & { do: 'draw' }), team, ...(drawn ? { among: able.length } : {}) };
  return [
    { type: 'acted', act: said },
    { type: 'turnGiven', team },
  ];
}
