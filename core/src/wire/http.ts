import type { ClothRow } from '../formats/format.ts';
import type { GivenRole, Role } from '../library/role.ts';
import type { Roster } from '../library/roster.ts';
import type { Selected } from '../library/selection.ts';
import type { QuestionSet, QuestionSort } from '../library/set.ts';
import type { KindName } from '../question/kinds/index.ts';
import type { Question } from '../question/question.ts';
import type { Report } from '../report/report.ts';
import type { Results } from '../report/results.ts';
import type { Show } from '../show/show.ts';
import type { Comparison } from '../term/compare.ts';
import type { GroupTerm } from '../term/group.ts';
import type { League } from '../term/league/rule.ts';
import type { LeagueTable } from '../term/league/table.ts';
import type { SaidSame } from '../term/people.ts';

/** What the server answers and the interface asks for, by HTTP: one description for both sides. */

export interface Account {
  id: string;
  /** Null for a guest. */
  email: string | null;
  name: string;
  /** What a guest of a link with a passphrase may write in; null for a host. */
  guestOf: SharedRef | null;
}
/** A place where an account is signed in. */
export interface Login {
  id: string;
  /** What the browser says of itself; empty where it says nothing. */
  agent: string;
  openedAt: string;
  seenAt: string;
  /** Whether it is the one that asks. */
  here: boolean;
}
/** One set or one show, as what it is shared. */
export interface SharedRef {
  what: 'set' | 'show';
  id: string;
}
/** An earlier state of a show, in short. */
export interface ShowVersion {
  version: number;
  savedAt: string;
  title: string;
  questions: number;
  rounds: number;
}
export interface StoredShow {
  id: string;
  version: number;
  updatedAt: string;
  show: Show;
}
/** What one is to a show oneself. */
export interface ShowAccess {
  role: Role;
  /** Whose it is, where it is somebody else's. */
  owner: string | null;
  /** Begun without an account, and nobody's yet. */
  unowned: boolean;
  /** The link by which one comes back to a show that is nobody's. */
  link: string | null;
}
export interface ShowSummary {
  id: string;
  title: string;
  updatedAt: string;
  questions: number;
  teams: number;
  role: Role;
  /** Whose it is, where it is somebody else's. */
  owner: string | null;
  /** Whether others can come at it, by name or by a link. */
  shared: boolean;
}
export interface SittingInfo {
  id: string;
  showId: string | null;
  title: string;
  code: string;
  stageKey: string;
  openedAt: string;
  closedAt: string | null;
  /** Since when nobody in it can be found; null while people stand there by name. */
  anonymousSince: string | null;
  /** Whether players no longer come back to their own answers by their links. */
  answersClosed: boolean;
  /** When everything that was done in it was taken out. */
  clearedAt: string | null;
}
export interface ListedSitting extends SittingInfo {
  /** The name of whoever opened it, where that is somebody else. */
  openedBy: string | null;
  /** The group it was played with; empty where none is named, or where it is still on. */
  group: string;
}
export interface SittingResults {
  sitting: SittingInfo;
  /** Without the single answers, which are asked for apart. */
  results: Omit<Results, 'responses'>;
  report: Report;
  cloth: ClothRow[];
}

export interface StoredSet {
  id: string;
  version: number;
  updatedAt: string;
  archived: boolean;
  set: QuestionSet;
}
export interface SetSummary extends QuestionSet {
  id: string;
  updatedAt: string;
  archived: boolean;
  questions: number;
  unfinished: number;
  /** What one is to the set oneself. */
  role: Role;
  /** Whose it is. */
  ownerId: string;
  owner: string;
  mayCopy: boolean;
  /** Whether others can come at it, by name or by a link. */
  shared: boolean;
}
/** With whom something is shared; a token is null where there is no such link. */
export interface Sharing {
  mayCopy: boolean;
  members: { id: string; name: string; email: string; role: GivenRole }[];
  readLink: string | null;
  editLink: string | null;
}
/** What a link shows. `id` is that of the thing for whoever comes at it anyway. */
export type SharedThing = {
  what: SharedRef['what'];
  title: string;
  /** Null for a show that is nobody's yet. */
  owner: string | null;
  id: string | null;
} & (
  | { kind: 'edit' }
  | { kind: 'read'; mayCopy: boolean; description: string; credit: string; questions: Question[] }
);
export interface StoredQuestion {
  id: string;
  setId: string;
  version: number;
  updatedAt: string;
  question: Question;
}
export interface QuestionLine {
  id: string;
  setId: string;
  setTitle: string;
  kind: KindName;
  prompt: string;
  unfinished: boolean;
  /** How many remarks a review has on it. */
  remarks: number;
  stale: boolean;
  /** The file of its picture, if it has one. */
  picture: string | null;
  tags: string[];
  updatedAt: string;
}
/** A set that ships with the application. */
export interface ReadyMadeSet extends QuestionSet {
  name: string;
  questions: number;
}
/** A file of the media library, and what was said of it last. */
export interface StoredMedia {
  id: string;
  kind: 'picture' | 'sound' | 'video';
  /** Its type by content: image/png … */
  type: string;
  name: string;
  bytes: number;
  /** Pixels; 0 for what has none. */
  width: number;
  height: number;
  alt: string;
  credit: string;
  licence: string;
}
export interface QuestionVersion {
  version: number;
  at: string;
  by: string;
  question: Question;
}
/** What to look for; empty ones do not count. */
export interface QuestionQuery {
  q: string;
  set: string;
  kind: string;
  tag: string;
  language: string;
  difficulty: string;
  state: string;
  sort: QuestionSort;
  deleted: string;
}

export interface StoredRoster extends Roster {
  id: string;
}
/** What a rule led to: copies of questions that know their origin, and how many there would have been. */
export interface TakenQuestions extends Omit<Selected, 'ids'> {
  questions: Question[];
}

/** A question that one change to many was made in, and the version which that made. */
export interface Changed {
  id: string;
  version: number;
}
/** Questions that were brought in from one file, or pasted, at once. */
export interface ImportInfo {
  id: string;
  setId: string;
  setTitle: string;
  source: string;
  questions: number;
  at: string;
  takenBack: boolean;
}

/** Somebody by name, and where they are. */
export interface FoundPerson {
  name: string;
  games: { id: string; title: string; at: number }[];
  practices: { id: string; title: string; at: number }[];
  /** Lists of names that have them. */
  lists: string[];
}
/** In how many games people would be forgotten at once, and within a month; and when the first game was (ms). */
export interface WillForget {
  now: number;
  soon: number;
  first: number | null;
}
/** A group with whom games are played: on a list, in games, or both. */
export interface ListedGroup {
  name: string;
  /** On its list; null where there is none. */
  people: number | null;
  games: number;
  lastAt: number | null;
}
export interface GroupPage {
  name: string;
  list: string[];
  said: SaidSame[];
  term: GroupTerm;
  /** The server's time (ms), by which questions are due. */
  now: number;
}
/** One of two that are compared: a group, or a game of some day. */
export interface ComparedSide {
  name: string;
  at: number | null;
}
export interface ComparedPage {
  first: ComparedSide;
  second: ComparedSide;
  comparison: Comparison;
}
/** A game that is over, to choose from. */
export interface ListedGame {
  sitting: string;
  title: string;
  group: string;
  showId: string | null;
  at: number;
}
export interface LeaguePage {
  id: string;
  league: League;
  publicKey: string | null;
  table: LeagueTable;
  games: ListedGame[];
}
/** A league as everybody with its link sees it. */
export interface PublicLeague extends Pick<LeagueTable, 'rows'> {
  title: string;
  isNamed: boolean;
  games: { title: string; at: number }[];
}
