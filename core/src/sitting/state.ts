import type { Verdict } from '../question/kind.ts';
import type { StoredAnswer } from '../question/kinds/index.ts';
import type { Show } from '../show/show.ts';
import type { Clock } from './clock.ts';
import type { Draft, LoggedEvent } from './events.ts';
import type { LedgerEntry } from './ledger.ts';

export interface Seat {
  id: string;
  name: string;
  /** The name as it is compared with others; folded once, since a thousand may come at once. */
  folded: string;
  team: string;
  /** Hash of the token that its handset holds. */
  token: string;
  removed: boolean;
}

/** What a team answered to the question in play, and what was ruled on it. */
export interface Response {
  team: string;
  /** Null when it was said aloud. */
  seat: string | null;
  answer: StoredAnswer | null;
  /** Milliseconds since the answers were opened to this team; null when it was said aloud. */
  after: number | null;
  verdict: Verdict | null;
  /** The share of the value that the verdict brings, 0 … 1. */
  share: number;
  by: 'key' | 'host' | null;
  /** Shown to everybody. */
  shown: boolean;
}

/** The steps of one question, in order; handing on goes back to `open`. */
export type Step = 'picked' | 'posed' | 'open' | 'locked' | 'answers' | 'key' | 'settled';

export interface QuestionInPlay {
  ref: string;
  question: string;
  points: number;
  step: Step;
  /** The team that may answer. */
  floor: string;
  /** Teams that had it before and were handed past. */
  tried: string[];
  order: number[];
  clock: Clock | null;
  /** The full length of the clock, in milliseconds. */
  limit: number | null;
  openedAt: number | null;
  lockedBy: 'host' | 'all' | 'time' | null;
  responses: Response[];
  keyShown: boolean;
  winner: string | null;
}

export interface SittingState {
  seq: number;
  phase: 'lobby' | 'round' | 'closed';
  code: string;
  show: Show;
  seats: Map<string, Seat>;
  round: { index: number; format: 'board'; state: unknown } | null;
  /** The team whose turn it is; empty before the round. */
  turn: string;
  /** How many questions each team had as the team in turn. */
  turnsTaken: Map<string, number>;
  question: QuestionInPlay | null;
  /** Questions that are over, in the order in which they were played. */
  played: QuestionInPlay[];
  ledger: LedgerEntry[];
  standings: boolean;
  /** The event with which standings were shown last, and the time before that; 0 for never. */
  standingsAt: number;
  standingsBefore: number;
  /** What can be taken back: the first event of each step. */
  steps: { seq: number; type: Draft['type']; command: string }[];
  /** Ids of the commands carried out: the same id twice changes nothing. */
  commands: Set<string>;
  openedAt: number;
  closedAt: number | null;
}

/** A sitting is its log; the state is what the log adds up to. */
export interface Sitting {
  log: LoggedEvent[];
  state: SittingState;
}

export const teamOf = (state: SittingState, id: string) => state.show.teams.find((team) => team.id === id);

export const seatsOf = (state: SittingState, team: string): Seat[] =>
  [...state.seats.values()].filter((seat) => seat.team === team && !seat.removed);

/** The response of `team` to the question in play. */
export const responseOf = (question: QuestionInPlay, team: string): Response | undefined =>
  question.responses.find((response) => response.team === team);
