import type { AnswerKind } from '../question/kind.ts';
import type { BoostName } from './boosts.ts';
import type { Picture } from '../media/media.ts';
import type { Question } from '../question/question.ts';
import type { Random } from '../random/shuffle.ts';
import { NOTHING, type Span } from '../time/span.ts';
import type { RoundRules } from './rules.ts';
import type { Clock } from '../time/clock.ts';
import type { Floor, RoundDraft, RoundEvent } from './events.ts';
import { refuse, type Refusal } from '../refusal.ts';

/**
 * Something about a round's content that the host should know before the doors open. Which codes there are
 * says each format (`harm`); the words belong to the interface.
 */
export interface Finding {
  code: string;
  /** The part of the content meant, as the format names it. */
  ref: string | null;
  question: string | null;
  params: Record<string, string | number>;
  mustMend: boolean;
}

/** The question that is in play, as a format may look at it: with its key. */
export interface TableQuestion {
  written: Question;
  /** In which order its options stand: the place as written of each slot. */
  order: readonly number[];
  isOpen: boolean;
  /** Options that were taken away, by their places as written. */
  removed: readonly number[];
  clock: Clock | null;
  /** Whether somebody is being asked for advice on it. */
  advising: boolean;
}

/** What a format may look at while it decides; it changes nothing here. */
export interface Table {
  /** Those who play, by id, in the order of turns: teams, or players each for themselves. */
  teams: readonly string[];
  /** The team whose turn it is. */
  turn: string;
  /** True while a question is in play. */
  busy: boolean;
  /** Nothing more is asked in the round, by its own end, its clock or its turns. */
  over: boolean;
  question: TableQuestion | null;
  /** Whose advice may be asked: seats where each has a handset, else teams; each with its team. */
  people: () => readonly { who: string; team: string }[];
  /** Boosts that there are in the round. */
  boosts: readonly BoostName[];
  /** Whether anybody has a handset. */
  handsets: boolean;
  /** The moment (server ms). */
  now: number;
}

/** What is known of a place in the round. */
export interface Place {
  /** What people call it: the category; empty where it has no name. */
  label: string;
  /** Which question of how many, where they come one after the other. */
  number: number | null;
  of: number | null;
}

/** A place of a round as it is written, where a question lies or may lie. */
export interface WrittenPlace {
  /** How editors and findings name it. */
  id: string;
  /** How the round names it in play, where chance did nothing. */
  ref: string;
  /** What people call it: the category; empty where its number says it. */
  label: string;
  question: string | null;
  /** What the round gives for it, before the weight of its question. */
  points: number;
}

/** What somebody does for whom a round waits. */
export type Wanted = { type: 'choose'; ref: string } | { type: 'act'; act: object };

/** A question that was settled, or settled anew after a ruling changed. */
export type Settled = (RoundDraft & { type: 'settled' }) | (RoundDraft & { type: 'resettled' });

/** A question that a format brings into play. `ref` is the format's own name for its place. */
export type Picked = Pick<RoundDraft & { type: 'picked' }, 'ref' | 'question' | 'points'> & {
  /** Who may answer this one, where that is not what the rules of the round say. */
  mode?: Floor;
};

/** A question that a format asks of one alone: what a wrong answer costs, and whether they see the key afterwards. */
export type AskedAlone = Picked & { loss?: number; key: boolean };

/** How answers to questions without a key are taken and shown. */
export interface Polling {
  /** Nobody can find out who answered what. */
  anonymous: boolean;
  /** When everybody sees what came out. */
  shown: 'live' | 'after' | 'desk';
  /** With which earlier run of the same questions it is compared. */
  compare: 'nothing' | 'before' | 'lastTime';
}

/** Who asks for an act of a format: the host, the stage, or a team by one of its handsets. */
export type By = { role: 'host' | 'stage' } | { role: 'team'; team: string };

/** What of a kind of answers bears on whether a format can play it. */
export type AnyKind = Pick<AnswerKind<unknown, unknown>, 'keyed' | 'given'>;

/**
 * One way of playing a round. The engine owns what all formats share – floor, turns, clock,
 * responses, rulings, ledger – and a format says only what differs. A new format is a new folder
 * with an object of this shape and touches no line of the engine.
 */
export interface Format<Content, State, View, Dealt> {
  /** Whether questions are asked in it; in what stands between rounds none are. */
  readonly asks: boolean;
  /** Whether they are asked of each alone, one after the other, and of whom: of people, or of teams as one; else of all together. */
  alone(content: Content): 'people' | 'teams' | null;
  /** How its answers are taken, where they are nobody's gain; null where they are. */
  polls(content: Content): Polling | null;
  /** Whether questions of a kind are taken from the library for it by a rule that names none. */
  draws(kind: AnyKind): boolean;
  /** Rules that suit it: with which a new round begins, without phones too, and which no situation changes. */
  readonly suits: { anew: Partial<RoundRules>; aloud: Partial<RoundRules>; always: Partial<RoundRules> };
  /** Whether its questions bring points; where they do not, they lead to something that does. */
  readonly pays: boolean;
  /** Its own findings, and how much harm each does before thirty people: from 1, the worst, to 99. */
  readonly harm: Readonly<Record<string, number>>;
  /** Whether boosts are sold in it, for what one has earned there. */
  readonly sells: boolean;
  /** Whether teams are on one after the other, by the rules of the round; where not, the format says who is. */
  readonly inTurns: boolean;
  /** Whether the team in turn chooses what is played, also where others answer. */
  readonly chosen: boolean;
  /** Whether it may do so on a handset. */
  readonly chosenByHandset: boolean;
  /** Whether it is ranked by something else than points, so that it has a winner of its own. */
  readonly ranksOtherwise: boolean;
  /** Whether something of its own is seen between questions, such as lives: then no step goes past it. */
  readonly seenBetween: boolean;
  /** Rules that this format prescribes, whatever the round says. */
  readonly prescribes: Partial<RoundRules>;
  /** A round of it with nothing in it yet. `newId` makes ids. */
  blank(newId: () => string): Content;
  /** Every place that its content has, in the order in which it is written. */
  places(content: Content): WrittenPlace[];
  /** The content with these questions, and no others, on its places in order; those that find none are left out. */
  filled(content: Content, questions: readonly string[]): Content;
  /** The same content with other questions; `at` is asked for each place that has one. */
  withQuestions(content: Content, at: (place: WrittenPlace & { question: string }) => string): Content;
  /** Pictures of its own, that no question has. */
  media(content: Content): Picture[];
  /** What the host should know before the doors open. */
  findings(
    content: Content,
    questions: Record<string, Question>,
    teams: number,
    rules: RoundRules,
  ): Finding[];
  /** What chance decides at the beginning, for the `teams` that are there; written into the log, so that replay draws nothing. */
  deal(
    content: Content,
    questions: Record<string, Question>,
    random: Random,
    teams: readonly string[],
  ): Dealt;
  /** What is dealt where chance has no part, and unfinished questions are shown as well: for a preview. */
  asWritten(content: Content, questions: Record<string, Question>): Dealt;
  /** `dealt` is what was written; logs of earlier versions have none. */
  begin(content: Content, questions: Record<string, Question>, dealt: Dealt | undefined): State;
  /** The place that comes next by itself, or null where people choose it or nothing is left. */
  next(state: State): string | null;
  /** Brings the question of a place into play. */
  choose(state: State, ref: string, table: Table, random: Random): Picked | Refusal;
  /** The next question for one who is asked alone – a seat, or a team that answers as one; null where there is none. */
  ask(state: State, who: string, random: Random): AskedAlone | null;
  /** The question that one who is asked alone chooses, where people choose. */
  take(state: State, who: string, ref: string, table: Table, random: Random): AskedAlone | Refusal;
  /** Whose open question is void now that another one is settled: what it was about is gone. */
  withdraws(state: State, settled: Settled, ref: string): string[];
  /** What a stand-in who is asked alone would choose, and from when on (server ms); null where nothing can be. */
  moveAlone(state: State, who: string, random: Random): { ref: string; from: number } | null;
  /** What a team is given as the first of it begins in a round that asks each alone. */
  welcomes(state: State, team: string): (RoundDraft & { type: 'scored' })[];
  place(state: State, ref: string): Place;
  /** Whose choice the round waits for between two questions, other than that of the next question. */
  waitsFor(state: State): string | null;
  /** An act of the format's own. */
  act(state: State, act: unknown, table: Table, by: By, random: Random): RoundDraft[] | Refusal;
  /** What a stand-in would do while the round waits for people; null where it does not. */
  move(state: State, table: Table, random: Random): Wanted | null;
  /** What a stand-in who has the floor does before answering: an act, such as asking for help; null for nothing. */
  moveIn(state: State, table: Table, random: Random): object | null;
  /** What follows from a question that is settled, beside its points: a penalty, a line. `state` is that before. */
  follows(state: State, settled: Settled, ref: string, table: Table): RoundDraft[];
  /** Whose turn it is after a question, where that is for the format to say; null where the rules say it. */
  turn(state: State): string | null;
  /** Whether an answer of this team counts; where not, it may answer for honour. */
  counts(state: State, team: string): boolean;
  /**
   * Bookkeeping after any event of the round; owns `state` and may change it in place. `ref` is the
   * place of the question concerned.
   */
  evolve(state: State, event: RoundEvent, ref: string | null): void;
  /** How many further questions it takes until the round is over, where `teams` play. */
  left(state: State, teams: number): Span;
  isOver(state: State): boolean;
  /** By what teams are ranked in it, from the most telling down; higher is better. `score` are the points of the round. */
  rankBy(state: State, team: string, score: number): number[];
  /** What a team has in it, where that is not a matter of points for questions; null where it is. */
  ownScore(state: State, team: string): number | null;
  /** What it counted for a team beside the points for questions, as points of the show. */
  counted(state: State, team: string, rules: RoundRules): number;
  /** What the round adds to the cloth; `won` gives the teams that were right at a place. */
  cloth(state: State, won: (ref: string) => readonly string[]): ClothRow[];
  /** Which of its sort it is, where it has sorts; null where the name of the format says it. */
  sort(content: Content): string | null;
  /** What it does beside being played: it thanks those whose work is shown, or explains what follows. */
  does(content: Content): 'thanks' | 'explains' | null;
  /** What is read in it between questions: words, or seconds where they are known. */
  reads(content: Content): string | { seconds: number };
  /** How long it takes where nothing is asked (s), and whether it is written so; null where questions say it. */
  lasts(content: Content): { seconds: number; fixed: boolean } | null;
  /** Numbers of its content that are told when it is explained how it is played; `n` chooses between one and many. */
  facts(content: Content): Record<string, number>;
  /** What everybody may see of it; holds no question and no key. */
  view(state: State): View;
  /** What stage and desk see beside: it changes too often to be sent to a thousand phones. Null where there is nothing. */
  live(state: State): object | null;
}

/** A piece of the cloth that a sitting weaves: something that was played, and the teams that won it. */
export interface ClothCell {
  used: boolean;
  teams: readonly string[];
}
export interface ClothRow {
  /** What people call it; empty where the round's own name says it. */
  name: string;
  cells: ClothCell[];
}

/** What most formats have in common; each takes it and says what differs. */
export const usual = {
  asks: true as boolean,
  alone: (): 'people' | 'teams' | null => null,
  polls: (): Polling | null => null,
  ask: (): AskedAlone | null => null,
  media: (): Picture[] => [],
  act: (): RoundDraft[] | Refusal => refuse('notThere', 'nothingToChoose'),
  take: (): AskedAlone | Refusal => refuse('notThere', 'nothingToChoose'),
  withdraws: (): string[] => [],
  moveAlone: (): { ref: string; from: number } | null => null,
  welcomes: (): (RoundDraft & { type: 'scored' })[] => [],
  live: (): object | null => null,
  draws: ({ keyed }: AnyKind): boolean => keyed,
  pays: true,
  suits: { anew: {}, aloud: {}, always: {} } as Format<unknown, unknown, unknown, unknown>['suits'],
  harm: {} as Record<string, number>,
  sells: false as boolean,
  inTurns: true,
  move: (): Wanted | null => null,
  moveIn: (): object | null => null,
  follows: (): RoundDraft[] => [],
  turn: (): string | null => null,
  sort: (): string | null => null,
  does: (): 'thanks' | 'explains' | null => null,
  reads: (): string | { seconds: number } => '',
  lasts: (): { seconds: number; fixed: boolean } | null => null,
  chosen: false,
  chosenByHandset: false,
  ranksOtherwise: false,
  seenBetween: false,
  prescribes: {} as Partial<RoundRules>,
  waitsFor: (): string | null => null,
  left: (): Span => NOTHING,
  facts: (): Record<string, number> => ({}),
  counts: (): boolean => true,
  rankBy: (_state: unknown, _team: string, score: number): number[] => [score],
  ownScore: (): number | null => null,
  counted: (): number => 0,
};
