import type { Question } from '../question/question.ts';
import type { Show } from '../show/show.ts';
import type { Draft, LoggedEvent } from '../sitting/events.ts';
import type { Refusal } from '../sitting/refusal.ts';

/** Something about a round's content that the host should know before the doors open. */
export interface Finding {
  code: 'cellUnfinished' | 'noPlayableCell' | 'categoryUnnamed' | 'turnsUneven';
  /** The part of the content meant, as the format names it. */
  ref: string | null;
  question: string | null;
  params: Record<string, string | number>;
  mustMend: boolean;
}

/** What a format may look at while it decides; it changes nothing here. */
export interface Table {
  show: Show;
  /** The team whose turn it is. */
  turn: string;
  /** True while a question is in play. */
  busy: boolean;
}

/** A question brought into play by a format. `ref` is the format's own name for its place. */
export interface InPlay {
  ref: string;
  /** What people call that place: the category. */
  label: string;
}

/**
 * One way of playing a round. The engine owns what all formats share – floor, turns, clock,
 * responses, rulings, ledger – and a format says only what differs. A new format is a new folder
 * with an object of this shape and touches no line of the engine.
 */
export interface Format<Content, State, View> {
  /** What the host should know before the doors open. */
  findings(content: Content, questions: Record<string, Question>, teams: number): Finding[];
  begin(content: Content, questions: Record<string, Question>): State;
  /** The one command of a format in this version: choosing what is played next. */
  choose(state: State, ref: string, table: Table): Draft[] | Refusal;
  /** What is known of a chosen place. */
  inPlay(state: State, ref: string): InPlay;
  /** Bookkeeping after any event; owns `state` and may change it in place. */
  evolve(state: State, event: LoggedEvent, ref: string | null): void;
  isOver(state: State): boolean;
  /** What everybody may see of it; holds no question and no key. */
  view(state: State): View;
}
