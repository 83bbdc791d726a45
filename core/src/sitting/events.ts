import type { Verdict } from '../question/kind.ts';
import type { StoredAnswer } from '../question/kinds/index.ts';
import type { Pace } from '../show/length/pace.ts';
import type { RoundRules } from '../show/rules.ts';
import type { Show } from '../show/show.ts';
import type { Weave } from '../show/weave.ts';
import type { Clock } from './clock.ts';
import type { Cause } from './ledger.ts';

/** Who may answer the question in play. */
export type Floor = 'turn' | 'buzz' | 'everyone';

/** What a question brought to one who played: the share of the marks, 0 … 1, and the points. */
export interface Result {
  team: string;
  share: number;
  amount: number;
}

/** The place of one who played in a round, and by how much the score of the show changes. */
export interface CountLine {
  team: string;
  place: number;
  amount: number;
}

/** What happened, without when and by whom: what `decide` hands back. */
export type Draft =
  /** The frozen copy of the show: later edits change nothing that is played. `pace` is that of the host before. */
  | { type: 'doorsOpened'; show: Show; code: string; pace?: Pace }
  /** `weave` where the player plays for nobody but themselves: then the seat is a team of its own. */
  /** `asked` is the name that was wanted, where it is held back and another one was made up. */
  | {
      type: 'seatTaken';
      seat: string;
      name: string;
      team: string;
      token: string;
      weave?: Weave;
      asked?: string;
    }
  | { type: 'seatRenamed'; seat: string; name: string }
  | { type: 'seatMoved'; seat: string; team: string }
  | { type: 'seatRemoved'; seat: string; banned?: boolean }
  /** Nobody more is let in, or whoever may come in again. */
  | { type: 'doorsLocked'; on: boolean }
  /** Another device holds the seat from now on. */
  | { type: 'seatGiven'; seat: string; token: string }
  /** `dealt` is what chance decided for the format. */
  /** `brings` is what it counts for the show at its end; logs of earlier versions do not say. */
  | { type: 'roundBegan'; round: number; turn: string; dealt?: unknown; brings?: RoundRules['brings'] }
  /**
   * A round is over and counts for the show: places in it, and by how much scores change by it now. A
   * second one for the same round corrects the first.
   */
  | { type: 'counted'; begun: number; lines: CountLine[] }
  | { type: 'turnGiven'; team: string }
  /** `floor` is the team that may answer, or null where no single one may. */
  | { type: 'picked'; ref: string; question: string; points: number; floor: string | null; mode?: Floor }
  /** `seed` where each handset lays its options out in an order of its own. */
  | { type: 'posed'; order: number[]; seed?: string }
  | { type: 'opened'; clock: Clock | null; limit: number | null }
  | { type: 'clockSet'; clock: Clock | null }
  /** A second one from the same seat replaces the first, where answers may be changed. */
  /** `who` is whose answer it is: the team's where one answers for all of it. Logs of earlier versions do not say. */
  | { type: 'answered'; seat: string; team: string; answer: StoredAnswer; who?: string; held?: boolean }
  /** An answer that was held back may be shown. */
  | { type: 'letThrough'; who: string; play: number }
  /** `pressed` is when, on the server's clock; `doubt` by how much that may be wrong (ms). */
  | {
      type: 'buzzed';
      seat: string | null;
      team: string;
      pressed: number;
      doubt: number;
      until: number;
      /** What its client says of its delay does not go with its other messages: nothing was corrected. */
      distrusted?: boolean;
    }
  | { type: 'buzzedEarly'; seat: string | null; team: string }
  /** `ahead` of the next (ms, null where nobody else pressed) give or take `doubt`; drawn where too close. */
  /** `seat` is who pressed for the team, where it was one of its handsets. */
  | {
      type: 'buzzWon';
      team: string;
      seat?: string | null;
      ahead: number | null;
      doubt: number;
      drawn: boolean;
    }
  | { type: 'locked'; why: 'host' | 'all' | 'time' }
  /** What the key says of many answers: whose, and the share of the marks. */
  | { type: 'marked'; marks: [who: string, share: number][] }
  /**
   * `share` of the value, between 0 and 1, where the verdict is "part". `who` is the seat whose answer
   * is meant, else the team's; `play` the question, where it is not the one in play.
   */
  | {
      type: 'ruled';
      team: string;
      verdict: Verdict;
      share?: number;
      by: 'key' | 'host';
      who?: string;
      play?: number;
    }
  | { type: 'answersShown' }
  | { type: 'keyShown' }
  /** Puts one response on the stage, or none. */
  | { type: 'responseShown'; who: string | null }
  /** To a team, or (null) open to all who have not had it, by buzz. */
  | { type: 'handedOn'; team: string | null }
  | { type: 'scored'; team: string; amount: number; cause: Cause }
  /** `results` of all who played, null where nothing could be right or wrong. */
  | { type: 'settled'; winner: string | null; play?: number; results?: Result[] | null }
  /** A ruling on a question that was settled was changed; the points follow as `scored`. */
  | { type: 'resettled'; play: number; winner: string | null; results: Result[] | null }
  | { type: 'left'; turn: string }
  /** Something that a format alone knows about. */
  | { type: 'acted'; act: unknown }
  | { type: 'standingsShown'; on: boolean }
  | { type: 'muted'; on: boolean }
  /** A self-running round is held, or goes on by itself again. */
  | { type: 'paceHeld'; on: boolean }
  | { type: 'closed' }
  /** Everything of the play from `from` on did not happen; a clock then running is held at `clock`. */
  | { type: 'undone'; from: number; clock: Clock | null }
  /** What the `undone` with the number `of` took back happened after all; a running clock is held. */
  | { type: 'redone'; of: number; clock: Clock | null }
  /** The server could not be reached for `ms` milliseconds: a running clock gets them back. */
  | { type: 'outage'; ms: number };

export interface Actor {
  role: 'host' | 'stage' | 'seat' | 'clock';
  /** The account or the seat; empty for the clock and the stage. */
  id: string;
}

/** A command as it is known again: by its id and by whoever gave it, so that nobody can use up an id of somebody else. */
export const commandKey = (actor: Actor, id: string): string => `${actor.role} ${actor.id} ${id}`;

/** A line of the log. `at` is server time in milliseconds since 1970; `command` is the id of its cause. */
export type LoggedEvent = Draft & { seq: number; at: number; actor: Actor; command: string };

/** Who sits where is no part of the play: taking back a step never puts anybody out. */
export const survivesUndo: ReadonlySet<Draft['type']> = new Set([
  'doorsOpened',
  'seatTaken',
  'seatRenamed',
  'seatMoved',
  'seatRemoved',
  'seatGiven',
  'doorsLocked',
  'muted',
  'paceHeld',
  'letThrough',
  'undone',
  'redone',
  'outage',
]);

/** Steps that leave the host's next one as it was: corrections beside the course of the play. */
const BESIDE: ReadonlySet<Draft['type']> = new Set(['scored', 'resettled', 'counted']);
/** Whether an event makes the host's next step another one. */
export const movesOn = (type: Draft['type']): boolean => isStep.has(type) && !BESIDE.has(type);

/** The events that make a command a step which the host can take back. */
export const isStep: ReadonlySet<Draft['type']> = new Set([
  'roundBegan',
  'turnGiven',
  'picked',
  'posed',
  'opened',
  'buzzWon',
  'locked',
  'ruled',
  'answersShown',
  'keyShown',
  'handedOn',
  'scored',
  'settled',
  'resettled',
  'counted',
  'left',
  'acted',
  'closed',
]);
