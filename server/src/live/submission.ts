import type { Actor, Command, SeatView, SittingState } from '@distaff/core/sitting';

/** A command as somebody sends it to a sitting. */
export interface Submission {
  id: string;
  command: Command;
  actor: Actor;
  /** The desk or stage from which it comes. */
  from?: string;
  /** How long a message of this client takes there and back, whether that is to be believed, how long others take (ms). */
  roundTrip?: number;
  distrusted?: boolean;
  window?: number;
  /** For a question, what stands for whoever answers it without a name. */
  receipt?: (play: number) => string;
  /** Made of the stored state, to go out with the acknowledgement; `fresh` where it was not carried out before. */
  also?: (state: SittingState, fresh: boolean) => Partial<SeatView> | null;
}
