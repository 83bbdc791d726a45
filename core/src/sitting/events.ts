import type { Verdict } from '../question/kind.ts';
import type { StoredAnswer } from '../question/kinds/index.ts';
import type { Show } from '../show/show.ts';
import type { Clock } from './clock.ts';
import type { Cause } from './ledger.ts';

/** What happened, without when and by whom: what `decide` hands back. */
export type Draft =
  /** The frozen copy of the show: later edits change nothing that is played. */
  | { type: 'doorsOpened'; show: Show; code: string }
  | { type: 'seatTaken'; seat: string; name: string; team: string; token: string }
  | { type: 'seatRenamed'; seat: string; name: string }
  | { type: 'seatMoved'; seat: string; team: string }
  | { type: 'seatRemoved'; seat: string }
  | { type: 'roundBegan'; round: number; turn: string }
  | { type: 'turnGiven'; team: string }
  | { type: 'picked'; ref: string; question: string; points: number; floor: string }
  | { type: 'posed'; order: number[] }
  | { type: 'opened'; clock: Clock | null; limit: number | null }
  | { type: 'clockSet'; clock: Clock | null }
  | { type: 'answered'; seat: string; team: string; answer: StoredAnswer }
  | { type: 'locked'; why: 'host' | 'all' | 'time' }
  /** `share` of the value, between 0 and 1, where the verdict is "part". */
  | { type: 'ruled'; team: string; verdict: Verdict; share?: number; by: 'key' | 'host' }
  | { type: 'answersShown' }
  | { type: 'keyShown' }
  | { type: 'handedOn'; team: string }
  | { type: 'scored'; team: string; amount: number; cause: Cause }
  | { type: 'settled'; winner: string | null }
  | { type: 'left'; turn: string }
  | { type: 'standingsShown'; on: boolean }
  | { type: 'closed' }
  /** Everything of the play from `from` on did not happen; a clock then running is held at `clock`. */
  | { type: 'undone'; from: number; clock: Clock | null }
  /** The server could not be reached for `ms` milliseconds: a running clock gets them back. */
  | { type: 'outage'; ms: number };

export interface Actor {
  role: 'host' | 'stage' | 'seat' | 'clock';
  /** The account or the seat; empty for the clock and the stage. */
  id: string;
}

/** A line of the log. `at` is server time in milliseconds since 1970; `command` is the id of its cause. */
export type LoggedEvent = Draft & { seq: number; at: number; actor: Actor; command: string };

/** Who sits where is no part of the play: taking back a step never puts anybody out. */
export const survivesUndo: ReadonlySet<Draft['type']> = new Set([
  'doorsOpened',
  'seatTaken',
  'seatRenamed',
  'seatMoved',
  'seatRemoved',
  'undone',
  'outage',
]);

/** The events that make a command a step which the host can take back. */
export const isStep: ReadonlySet<Draft['type']> = new Set([
  'roundBegan',
  'turnGiven',
  'picked',
  'posed',
  'opened',
  'locked',
  'ruled',
  'answersShown',
  'keyShown',
  'handedOn',
  'scored',
  'settled',
  'left',
  'closed',
]);
