import type { Random } from '../random/shuffle.ts';
import type { Command } from '../sitting/command.ts';
import type { Actor } from '../sitting/events.ts';
import type { StandIn } from './room.ts';

/** Something that a stand-in, or the host of a show that runs by itself, will do. */
export interface Move {
  /** Server time (ms). */
  at: number;
  actor: Actor;
  command: Command;
  /**
   * When it makes sense: in the situation that was; while a question that was asked of one alone is still before
   * them, at that step; while they have had none since `after`; or (null) always.
   */
  when: string | { to: string; play: number; step: string } | { to: string; after: number } | null;
  /** Milliseconds for a message of whoever does it there and back. */
  roundTrip: number;
}

/** A show that is tried out with stand-ins. */
export interface Rehearsal {
  standIns: StandIn[];
  random: Random;
  /** Whether the host's steps are taken as well. */
  byItself: boolean;
  /** The situation that was looked at last. */
  seen: string;
  /** What those who are asked alone had before them when they were looked at last, by seat or team. */
  seenAlone: Map<string, string>;
  /** Stand-ins who have been let in, or have asked. */
  came: Set<string>;
}
