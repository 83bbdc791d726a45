import type { RehearsalTold, RehearsalWish } from '../rehearsal/wish.ts';
import type { BookRequest, Book } from '../sitting/view/book.ts';
import type { DeskView } from '../sitting/view/desk.ts';
import type { PublicView } from '../sitting/view/public.ts';
import type { SeatView } from '../sitting/view/seat.ts';
import type { StageView } from '../sitting/view/stage.ts';
import type { SoundName } from '../show/sound/sounds.ts';
import type { Reaction, ReactionCounts } from './reactions.ts';
import type { Refusal } from '../refusal.ts';

/** Who comes in, as which surface, and by which key. */
export type Hello =
  | { as: 'desk'; sitting: string; key?: string }
  | { as: 'stage'; code: string; key?: string }
  | { as: 'handset'; code: string; token?: string };

/** What a desk may hand on: the key of the stage, and one that only looks on. Who came as a co-host hands on no desk. */
export interface Keys {
  stage: string;
  view: string;
  coHost: boolean;
}

/** Somebody who says that a seat is theirs, and waits for the host's nod. */
export interface SeatClaim {
  id: string;
  seat: string;
  name: string;
}

/** That a command is stored, and what changed of the own seat with it; or why not. */
export type Acknowledged = { ok: true; seq: number; seat?: Partial<SeatView> | null } | Refusal;

/** What the server tells of its own accord. */
export interface ToClient {
  view: (view: PublicView | StageView | DeskView) => void;
  seat: (seat: SeatView | null) => void;
  /** Answered at once: so the server measures the way. */
  echo: (reply: () => void) => void;
  /** Keys that change later come without what stays. */
  keys: (keys: Omit<Keys, 'coHost'> & Partial<Keys>) => void;
  rehearsal: (told: RehearsalTold) => void;
  /** The seats whose devices are connected. */
  present: (seats: string[]) => void;
  claims: (waits: readonly SeatClaim[]) => void;
  claimed: (yes: boolean) => void;
  /** What people have shown since it was told last. */
  reacted: (counts: ReactionCounts) => void;
  /** The host lets a sound be heard on the stage, or ends it (null). */
  cued: (name: SoundName | null) => void;
}

/** What a client asks. */
export interface ToServer {
  command: (command: object, reply: (answer: Acknowledged) => void) => void;
  join: (wish: object, reply: (answer: Acknowledged) => void) => void;
  claim: (wish: object, reply?: (answer: Acknowledged) => void) => void;
  time: (reply: (now: number) => void) => void;
  book: (request: BookRequest, reply: (book: Book | null) => void) => void;
  seatCode: (request: { seat: string }, reply: (code: string | null) => void) => void;
  rehearsal: (wish: RehearsalWish) => void;
  react: (what: Reaction) => void;
  cue: (name: SoundName | null) => void;
}
/** The same as the server takes it: nothing of it is believed before it was read by a schema. */
export type Unread = { [Event in keyof ToServer]: (...given: unknown[]) => void };
