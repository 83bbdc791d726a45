import type { Question } from '../question/question.ts';
import type { Round, Show } from '../show/show.ts';
import type { Clock } from '../time/clock.ts';
import type { PaperAnswer } from './valueOnPaper.ts';

/** A question as somebody with pencil and paper would note it while it is played. */
export interface PaperQuestion {
  seq: number;
  /** Where it stood. */
  ref: string;
  round: Round;
  question: Question;
  value: number;
  /** Of whom it was asked alone, and what a wrong answer costs there; null where it was asked of all. */
  alone: { who: string; loss: number } | null;
  mode: 'turn' | 'buzz' | 'everyone';
  floor: string | null;
  had: string[];
  openedAt: number | null;
  /** The clock as it was noted last, and stretches in which nobody's time ran. */
  clock: Clock | null;
  pauses: { from: number; to: number }[];
  limit: number | null;
  answers: Map<string, PaperAnswer>;
  /** What its value is multiplied with, for a team or for one of its members. */
  factors: { team: string; who: string | null; times: number; of: 'gain' | 'loss' }[];
  /** Who was out already when it came up: they answer for honour. */
  out: ReadonlySet<string>;
  /** Whether only one plays in its round: then a miss costs a life all the same. */
  only: boolean;
  settledAt: number | null;
  /** Whom it concerned when it was settled; null where nothing could be won. */
  asked: readonly { team: string }[] | null;
  /** How many each team had when it was settled. */
  members: ReadonlyMap<string, number>;
}

/** A round, and the covers that were lifted in it. */
export interface PaperRound {
  from: number;
  /** When it was counted; null where it never was. */
  countedAt: number | null;
  round: Round;
  only: boolean;
  /** Squares whose owner the host said, in that order; nobody's for null. */
  owned: { seq: number; square: number; team: string | null }[];
  lifted: { team: string; amount: number }[];
  /** Teams that play together in it. */
  groups: string[][];
}

/** What somebody with pencil and paper has at the end of an evening. */
export interface PaperNotes {
  show: Show;
  /** What those who play are called. */
  names: Map<string, string>;
  played: PaperQuestion[];
  /** Points that no question brought: what the host gave or took. */
  others: { seq: number; team: string; amount: number; ofRound: boolean }[];
  /** Rounds that came to an end, with what was done in them beside answering. */
  rounds: PaperRound[];
  /** Climbs, one after the other. */
  climbs: PaperClimb[];
  /** Who left for good where everybody plays for themselves. */
  left: ReadonlySet<string>;
  /** The event since which scores count. */
  since: number;
}

/** A climb as somebody in the room would note it. */
export interface PaperClimb {
  team: string;
  round: Round;
  /** The questions that were played on it, from the lowest rung up. */
  questions: PaperQuestion[];
  stopped: boolean;
  /** When it was seen to be over, by the number of the event; null while it goes on. */
  overAt: number | null;
}
