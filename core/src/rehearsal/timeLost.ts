import { effective } from '../sitting/sitting.ts';
import type { Draft, LoggedEvent } from '../sitting/events.ts';

/** What the time between two steps was spent on. */
export const stages = ['between', 'choosing', 'reading', 'answering', 'revealing', 'movingOn'] as const;
export type Stage = (typeof stages)[number];

export interface TimeLost {
  /** From the first round to the close or the last step (s). */
  total: number;
  stages: Record<Stage, number>;
  /** Questions that took longest, the longest first. */
  slowest: { number: number; prompt: string; seconds: number; most: Stage }[];
  /** Questions whose clock ran out. */
  ranOut: number;
}

/** What follows after each step, until the next one. */
const follows: Partial<Record<Draft['type'], Stage>> = {
  roundBegan: 'between',
  left: 'choosing',
  acted: 'choosing',
  picked: 'reading',
  posed: 'reading',
  opened: 'answering',
  locked: 'revealing',
  handedOn: 'answering',
  settled: 'movingOn',
  standingsShown: 'between',
};
const TOLD = 3;

/** Where the time of a sitting went, from its log. */
export function timeLost(log: readonly LoggedEvent[]): TimeLost {
  const events = effective(log);
  const doors = log.find((event) => event.type === 'doorsOpened');
  const show = doors?.type === 'doorsOpened' ? doors.show : null;
  const sums = Object.fromEntries(stages.map((stage) => [stage, 0])) as Record<Stage, number>;
  const questions: { prompt: string; spent: Record<Stage, number> }[] = [];
  let own: Record<Stage, number> | null = null;
  let stage: Stage | null = null;
  let since = 0;
  let begin: number | null = null;
  let end = 0;
  let ranOut = 0;
  for (const event of events) {
    if (begin === null && event.type !== 'roundBegan') continue;
    begin ??= event.at;
    const next: Stage | null = event.type === 'closed' ? null : (follows[event.type] ?? stage);
    if (stage !== null) {
      const spent = (event.at - since) / 1000;
      sums[stage] += spent;
      if (own) own[stage] += spent;
    }
    [stage, since, end] = [next, event.at, event.at];
    if (event.type === 'picked') {
      own = Object.fromEntries(stages.map((one) => [one, 0])) as Record<Stage, number>;
      questions.push({ prompt: show?.questions[event.question]?.prompt ?? '', spent: own });
    } else if (event.type === 'left') own = null;
    else if (event.type === 'locked' && event.why === 'time') ranOut++;
    if (event.type === 'closed') break;
  }
  const slowest = questions
    .map(({ prompt, spent }, i) => ({
      number: i + 1,
      prompt,
      seconds: stages.reduce((sum, one) => sum + spent[one], 0),
      most: stages.reduce((most, one) => (spent[one] > spent[most] ? one : most)),
    }))
    .sort((a, b) => b.seconds - a.seconds)
    .slice(0, TOLD);
  return { total: begin === null ? 0 : (end - begin) / 1000, stages: sums, slowest, ranOut };
}
