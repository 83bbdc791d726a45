import type { LeftOut } from '../practice/asPractice.ts';
import type { PracticeSettings } from '../practice/settings.ts';
import type { Missed, Standing } from '../practice/standing.ts';
import type { RunSummary } from '../practice/summary.ts';
import type { RunView } from '../practice/view.ts';
import type { LookView } from '../show/look/look.ts';
import type { Weave } from '../show/weave.ts';

/** A practice as its host has it. */
export interface PracticeInfo {
  id: string;
  /** The show that it was made of; null for a question set. */
  showId: string | null;
  title: string;
  code: string;
  settings: PracticeSettings;
  of: number;
  outOf: number;
  createdAt: string;
  closedAt: string | null;
}
/** One of a list, with how many people are how far. */
export interface ListedPractice extends PracticeInfo {
  finished: number;
  onTheWay: number;
  notBegun: number;
}
export interface PracticePerson extends Standing {
  id: string;
  name: string;
  weave: Weave;
  /** On how many phones it was taken. */
  phones: number;
}
export interface PracticePage {
  practice: PracticeInfo;
  people: PracticePerson[];
  missed: (Missed & { prompt: string })[];
}
/** What comes of a show before it is offered: how much there is to answer, and what is left out. */
export interface PracticeDraft {
  of: number;
  outOf: number;
  leftOut: (LeftOut & { title: string; format: string })[];
}

/** What everybody sees who has the link. */
export interface PracticeHead {
  code: string;
  title: string;
  from: string;
  look: LookView;
  of: number;
  outOf: number;
  /** About how long it takes (min). */
  minutes: number;
  settings: PracticeSettings;
  closed: boolean;
  /** Server ms, so that a phone whose clock is wrong tells the right time left. */
  now: number;
}
export interface MyRun {
  id: string;
  kind: RunKind;
  attempt: number;
  begunAt: number;
  overAt: number | null;
  /** When its time is over (server ms), or null. */
  until: number | null;
  summary: RunSummary;
}
/** A run that counts, one for the questions that were missed, or one for oneself once nothing counts any more. */
export type RunKind = 'counted' | 'again' | 'own';
/** What one's own phone sees of oneself. */
export interface MyPractice {
  name: string;
  weave: Weave;
  runs: MyRun[];
  points: number | null;
  /** Whether a further attempt may begin. */
  mayBegin: boolean;
  /** Something was done before, on another phone. */
  elsewhere: boolean;
}
export interface RunNow {
  run: MyRun;
  view: RunView;
  now: number;
}
