import type { BoardView } from '@distaff/core/formats';
import {
  beginRun,
  inRun,
  SEAT,
  summaryOf,
  waitsFor,
  type RunCommand,
  type RunSummary,
} from '@distaff/core/practice';
import type { Random } from '@distaff/core/random';
import { isRefusal } from '@distaff/core/refusal';
import { guess } from '@distaff/core/rehearsal';
import type { Show } from '@distaff/core/show';
import type { LoggedEvent } from '@distaff/core/sitting';

/** A run as it is stored. Times are server ms. */
export interface PractisedRun {
  events: LoggedEvent[];
  summary: RunSummary;
  begunAt: number;
  seenAt: number;
  overAt: number | null;
}

/**
 * Somebody takes a practice by the real engine: knows so much of it (`skill`, 0 … 1), and leaves off after so many
 * answers. The same `random` does the same.
 */
export function practise(
  show: Show,
  name: string,
  start: number,
  skill: number,
  most: number,
  random: Random,
): PractisedRun {
  let now = start;
  const moment = () => ({ now, random, until: null });
  const { sitting, events } = beginRun(show, name, moment());
  let answers = 0;
  for (let i = 0; waitsFor(sitting.state) !== 'over'; i++) {
    const { state } = sitting;
    const play = state.question;
    now += Math.round((4 + random() * 18) * 1000);
    let command: RunCommand;
    const waits = waitsFor(state);
    if (waits === 'answer' && play) {
      if (answers >= most) break;
      if (!play.again.has(SEAT)) answers++;
      const out = (play.again.get(SEAT)?.removed ?? []).map((option) => play.order.indexOf(option));
      const answer = guess(show.questions[play.question]!, play.order, random() < skill, random, out);
      command = { type: 'answer', play: play.play, answer };
    } else if (waits === 'choose') {
      const board = state.round!.state as { rows: BoardView['rows'] };
      const open = board.rows.flatMap((row) => row.cells.filter((cell) => cell.state === 'open').slice(0, 1));
      command = { type: 'choose', ref: open[Math.floor(random() * open.length)]!.id };
    } else command = { type: 'goOn', play: play?.play ?? 0 };
    const more = inRun(sitting, `demo-${i}`, command, moment());
    if (isRefusal(more)) throw new Error(`${command.type}: ${more.says}`);
    events.push(...more);
  }
  const summary = summaryOf(sitting.state);
  return { events, summary, begunAt: start, seenAt: now, overAt: summary.over ? now : null };
}
