import type { Round } from '../show/show.ts';
import type { PaperQuestion } from './paperNotes.ts';

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

/** What a climb brings, by the sheet that hangs on the wall: step by step up, until a miss. */
export function climbOnPaper({ round, questions, overAt }: PaperClimb): number {
  if (round.format !== 'climb' || overAt === null) return 0;
  const { rungs, rests } = round.content;
  let safe = 0;
  let now = 0;
  for (const [i, { answers, floor }] of questions.entries()) {
    const own = [...answers.values()].find((one) => one.team === floor);
    if ((own?.share ?? 0) < 1) return safe;
    now = rungs[i]!;
    if (rests.includes(i + 1)) safe = now;
  }
  return now;
}
