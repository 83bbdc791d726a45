import type { BoostName } from '../formats/boosts.ts';
import type { FormatName } from '../formats/index.ts';
import type { Verdict } from '../question/kind.ts';
import type { StoredAnswer } from '../question/kinds/index.ts';
import type { Outcome } from '../question/outcome/outcome.ts';
import type { Tempo } from '../show/length/tempo.ts';
import type { RoundRules } from '../formats/rules.ts';
import type { Show } from '../show/show.ts';
import type { Team } from '../show/team.ts';
import type { Clock } from '../time/clock.ts';
import type { SpunWhat } from '../formats/events.ts';
import type { Counting } from './counting.ts';
import type { Draft, Floor, LoggedEvent, Result } from './events.ts';
import type { LedgerEntry } from './ledger.ts';

export interface Seat {
  id: string;
  name: string;
  /** The name as it is compared with others; folded once, since a thousand may come at once. */
  folded: string;
  team: string;
  /** Hash of the token that its handset holds. */
  token: string;
  /** When it was taken (server ms). */
  cameAt: number;
  /** When it went to another device last (server ms); null where it never did. */
  givenAt: number | null;
  removed: boolean;
  /** Not let in again under this name. */
  banned: boolean;
  /** The name that was wanted, while it is held back for its words. */
  asked: string | null;
}

/** What was answered to the question in play, and what was ruled on it. */
export interface Response {
  /** The seat where every member answers for themselves, else the team. */
  who: string;
  team: string;
  /** Null when it was said aloud, or touched on the stage. */
  seat: string | null;
  answer: StoredAnswer | null;
  /** Milliseconds since the answers were opened to this team, while its clock ran; null when it was said aloud. */
  after: number | null;
  verdict: Verdict | null;
  /** The share of the value that the verdict brings, 0 … 1. */
  share: number;
  by: 'key' | 'host' | null;
  /** Shown to everybody. */
  shown: boolean;
  /** Held back until the host lets it through: its words may be unwanted. */
  held: boolean;
}

/** One press of a buzzer: when, on the server's clock, give or take `doubt` (ms). */
export interface Press {
  team: string;
  seat: string | null;
  pressed: number;
  doubt: number;
  distrusted: boolean;
}

/** What others were asked about a question that is somebody else's. */
export interface Advice {
  of: 'voice' | 'room';
  /** Who alone was asked, a seat or a team; null for everybody else. */
  from: string | null;
  clock: Clock | null;
  limit: number | null;
  over: boolean;
  /** What they said, by seat or team. */
  said: Map<string, { team: string; seat: string | null; answer: StoredAnswer }>;
  /** Hands that the host counted, by the order of the stage; null where handsets said it. */
  counts: number[] | null;
}

/** What a question's value is multiplied with: for all of a team, or for one member (`who`). */
export interface Factor {
  team: string;
  who: string | null;
  times: number;
  why: string;
  of: 'gain' | 'loss';
}

/** The spinner while it is on the stage. */
export interface SpinnerInPlay {
  what: SpunWhat;
  /** For whom a surprise is; null where it draws something else. */
  team: string | null;
  fields: { ref: string; label: string; weight: number }[];
  /** What came up, and since when (server ms) the shuttle moves; null before it was thrown. */
  field: number | null;
  passes: number;
  spunAt: number | null;
}

/** A boost that was used and lasts: for so many questions more, against `on` where it hinders. */
export interface Running {
  team: string;
  boost: BoostName;
  left: number;
  on: string | null;
}

/** The steps of one question, in order; handing on goes back to `open`. */
export type Step = 'picked' | 'posed' | 'open' | 'locked' | 'answers' | 'key' | 'settled';

export interface QuestionInPlay {
  /** The number of the event with which it came into play: no other question ever has it. */
  play: number;
  /** Which of the rounds begun it belongs to. */
  begun: number;
  /** Of whom it was asked alone: a seat, or a team that answers as one; null where it is the common one. */
  to: string | null;
  ref: string;
  question: string;
  /** When it came into play (server ms). */
  pickedAt: number;
  points: number;
  counts: Counting;
  /** What a wrong answer costs, where the format says it; null where the rules do. */
  loss: number | null;
  /** Whether whoever was asked it alone is shown the key once they have answered. */
  keyAfter: boolean;
  step: Step;
  mode: Floor;
  /** The team that may answer; null where everyone may, or may buzz. */
  floor: string | null;
  /** Teams that had it before and were handed past. */
  tried: string[];
  order: number[];
  /** From which each handset's own order of options follows, or null. */
  seed: string | null;
  clock: Clock | null;
  /** The full length of the clock, in milliseconds. */
  limit: number | null;
  openedAt: number | null;
  /** For how long its clock was held since then (ms), and since when it is held now (server ms), or null. */
  heldFor: number;
  heldSince: number | null;
  lockedAt: number | null;
  lockedBy: 'host' | 'all' | 'time' | null;
  responses: Response[];
  /** The same, to be found by whose they are. */
  byWho: Map<string, Response>;
  presses: Press[];
  /** When presses that came meanwhile are compared: server time, or null. */
  buzzUntil: number | null;
  buzz: { team: string; seat: string | null; ahead: number | null; doubt: number; drawn: boolean } | null;
  /** Teams that pressed before the answers were open. */
  early: string[];
  /** Options that were taken away, by their places as written. */
  removed: number[];
  /** Answers that did not stand, by whose they are, with the options that they cost (by their places as written). */
  again: Map<string, { answers: StoredAnswer[]; removed: number[] }>;
  /** Boosts that were used on it. */
  boosts: { team: string; boost: BoostName }[];
  /** What its value is multiplied with for a team, or for one of its members alone. */
  factors: Factor[];
  /** What others were asked about it, one after the other. */
  advice: Advice[];
  /** The response that is on the stage by itself. */
  onStage: string | null;
  keyShown: boolean;
  /** Whether the answers were shown to everybody by a step of their own. */
  answersShown: boolean;
  /** Hands that the host counted, in the order of the stage; null where answers came one by one. */
  hands: number[] | null;
  /** To which group words belong that people wrote, by the folded words; groups in the order in which they were made. */
  groups: Map<string, string>;
  winner: string | null;
  results: Result[] | null;
  /** The event with which it was settled, or null. */
  settledAt: number | null;
  /** How many members each team had when it was settled; null before, and where members do not count. */
  members: ReadonlyMap<string, number> | null;
  /** For whom it did not count when it was settled; null before. */
  honour: ReadonlySet<string> | null;
}

/** How far one has come who is asked alone. */
export interface Track {
  team: string;
  answered: number;
  right: number;
  /** The question that was settled last, by its number. */
  last: number | null;
  /** When something happened with it last (server ms): an answer, else the first question. */
  since: number;
}

export interface BegunRound {
  /** Its place in the running order. */
  index: number;
  format: FormatName;
  state: unknown;
  /** The event with which it began. */
  seq: number;
  /** The event since which its scores count. */
  since: number;
  /** What it brings to the show at its end; undefined in logs of earlier versions, where it was the format's. */
  brings: RoundRules['brings'] | undefined;
  /** Points that its questions brought so far. */
  points: Map<string, number>;
  /** Places in it, once it was counted. */
  places: Map<string, number> | null;
  /** Its own clock and the length of that (ms), where it has one; `held` while the host has stopped everybody. */
  clock: Clock | null;
  limit: number | null;
  held: boolean;
  /** When asking began in it (server ms), and why it ended; null for not yet. */
  startedAt: number | null;
  ended: 'host' | 'time' | 'goal' | null;
  /** Those who are asked alone, by seat or team. */
  tracks: Map<string, Track>;
  /** How its questions went that were asked of each alone: how many answered, and how many were right. */
  byQuestion: Map<string, { answered: number; right: number }>;
  /** What the host ruled on answers to questions that are asked of each alone: it holds for all who say the same. */
  ruledAlike: Map<string, number>;
}

export interface SittingState {
  seq: number;
  /** Nothing is heard on the stage. */
  muted: boolean;
  /** People may show the stage what they feel. */
  reactions: boolean;
  /** The host lets nobody more in. */
  locked: boolean;
  phase: 'lobby' | 'round' | 'closed';
  code: string;
  show: Show;
  /** Those who play, in the order of turns: the show's teams, or the players each for themselves. */
  teams: Team[];
  seats: Map<string, Seat>;
  /** How many seats are taken, in all and by team. */
  taken: { all: number; of: Map<string, number> };
  /** Every round that was begun, in that order; the last one is on. */
  begun: BegunRound[];
  round: BegunRound | null;
  /** The team whose turn it is; empty before the round. */
  turn: string;
  /** What each of a team that chooses together would choose, by seat. */
  wishes: Map<string, string>;
  /** Teams that are passed over the next time. */
  skips: Set<string>;
  /** How many questions each team had as the team in turn. */
  turnsTaken: Map<string, number>;
  question: QuestionInPlay | null;
  /** What those are asked who have a question of their own, by seat or team. */
  asked: Map<string, QuestionInPlay>;
  /** Common questions that are over, in the order in which they were played. */
  played: QuestionInPlay[];
  /** Every question that ever was in play, common or not, by its number. */
  plays: Map<number, QuestionInPlay>;
  ledger: LedgerEntry[];
  spinner: SpinnerInPlay | null;
  /** Whom the spinner drew since all were drawn, by what it draws. */
  drawn: Map<SpunWhat, Set<string>>;
  /** Boosts that each team has and has not used, and those that were used and last. */
  boosts: Map<string, BoostName[]>;
  running: Running[];
  /** What the ledger says of each question, by team. */
  paid: Map<number, Map<string, number>>;
  /** The sums of the ledger, since scores last began anew with the event `since`. */
  scores: Map<string, number>;
  since: number;
  standings: boolean;
  /** By how much scores changed since standings were shown last, and between that and the time before. */
  changes: Map<string, number>;
  changesBefore: Map<string, number>;
  /** What can be taken back: the first event of each step. */
  steps: { seq: number; type: Draft['type']; command: string }[];
  /** When the last step was taken (server ms), and the event with which the host's next step last became another one. */
  steppedAt: number;
  steppedWith: number;
  /** A self-running round waits for the host. */
  held: boolean;
  /** What was taken back and can be had again: the numbers of their `undone`, the last one last. */
  forward: { undone: number; type: Draft['type'] }[];
  /** The commands carried out, as `commandKey` names them: the same one twice changes nothing. */
  commands: Set<string>;
  /** What came out of the same questions the last time that the show was played, by what they ask. */
  earlier: ReadonlyMap<string, { at: number; outcome: Outcome }>;
  openedAt: number;
  /** When the first round began (server ms), or null. */
  startedAt: number | null;
  closedAt: number | null;
  /** How fast shows of this host went before. */
  pace: Tempo;
}

/** A sitting is its log; the state is what the log adds up to. */
export interface Sitting {
  log: LoggedEvent[];
  state: SittingState;
}

export const teamOf = (state: SittingState, id: string) => state.teams.find((team) => team.id === id);

export const seatsOf = (state: SittingState, team: string): Seat[] =>
  [...state.seats.values()].filter((seat) => seat.team === team && !seat.removed);

/**
 * Whether every member of a team answers a question each for themselves, on a handset of their own: only
 * where everyone may answer. Where one team at a time has the floor, one answer stands for it.
 */
export const memberwise = (
  { show: { devices } }: SittingState,
  { mode }: Pick<QuestionInPlay, 'mode'>,
): boolean => devices.mode === 'each' && devices.score === 'teams' && mode === 'everyone';

/** How many members each team has; null where they do not answer one by one. */
export const memberCounts = (state: SittingState, question: QuestionInPlay): Map<string, number> | null =>
  memberwise(state, question) ? new Map(state.teams.map(({ id }) => [id, seatsOf(state, id).length])) : null;

/** The response of a team as a whole to the question. */
export const responseOf = (question: QuestionInPlay, team: string): Response | undefined =>
  question.byWho.get(team);

export const scoreNow = (state: SittingState, team: string): number => state.scores.get(team) ?? 0;

/** The question that was in play under this number, in play still or over. */
export const playOf = (state: SittingState, play: number): QuestionInPlay | null =>
  state.plays.get(play) ?? null;

/** The advice that is being asked for just now, or null. */
export const adviceOn = ({ advice }: Pick<QuestionInPlay, 'advice'>): Advice | null => {
  const last = advice.at(-1);
  return last && !last.over ? last : null;
};

/** What a seat has before it: a question of its own or of its team alone, else the common one. */
export function questionFor(state: SittingState, seat: Pick<Seat, 'id' | 'team'>): QuestionInPlay | null {
  const own = state.asked.get(seat.id) ?? state.asked.get(seat.team);
  // One of their own that is over, and whose key they are not shown, is before nobody any more.
  return own ? (own.step === 'settled' && !own.keyAfter ? null : own) : state.question;
}
