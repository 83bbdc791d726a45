import { ALLOWANCE } from '../time/clock.ts';
import { counted, type RunSummary } from './summary.ts';
import type { PracticeSettings } from './settings.ts';

/** An attempt, as its row tells it. Times are server ms. */
export interface Attempt {
  attempt: number;
  begunAt: number;
  /** When something was done in it last, and when it was finished; null while it is on. */
  seenAt: number;
  overAt: number | null;
  summary: RunSummary;
}

/** Between the due date and the end of answering, for what was sent in time and is still on its way (ms). */
export const GRACE = 60_000;

/** What ends attempts: the settings, and the host who closed it (server ms). */
export interface Ends {
  settings: Pick<PracticeSettings, 'due' | 'late' | 'minutes' | 'counts'>;
  closedAt: number | null;
}

/** When the time of an attempt is over (server ms); null for never. */
export function endOf({ settings, closedAt }: Ends, begunAt: number): number | null {
  const ends = [
    ...(closedAt === null ? [] : [closedAt]),
    ...(settings.due && settings.late === null ? [settings.due.at + GRACE] : []),
    ...(settings.minutes === null ? [] : [begunAt + settings.minutes * 60_000 + ALLOWANCE]),
  ];
  return ends.length === 0 ? null : Math.min(...ends);
}

/** Whether answers count no more: it is past its date, or the host has closed it. */
export const isClosed = ({ settings, closedAt }: Ends, now: number): boolean =>
  closedAt !== null || (settings.due !== null && settings.late === null && now > settings.due.at);

/** Whether anything was done in an attempt after its date, where that is taken. */
export const isLate = ({ settings: { due, late } }: Ends, { seenAt }: Pick<Attempt, 'seenAt'>): boolean =>
  due !== null && late !== null && seenAt > due.at + GRACE;
/** What an attempt keeps of its marks, 0 … 1: less where it was late. */
export const keeps = (ends: Ends, attempt: Pick<Attempt, 'seenAt'>): number =>
  isLate(ends, attempt) ? 1 - (ends.settings.late ?? 0) / 100 : 1;

/** How one person stands in a practice. */
export interface Standing {
  state: 'finished' | 'onTheWay' | 'notBegun';
  /** What counts of their attempts that are over, by the rule of the practice; null before the first is. */
  points: number | null;
  /** Whether the one that is shown was late. */
  late: boolean;
  attempts: number;
  /** How the attempt goes that tells most: the one that is on, else the best. */
  shown: Attempt | null;
  /** How long all attempts took together (ms). */
  took: number;
  lastSeen: number | null;
}

/** How somebody stands by their attempts, the first one first. */
export function standingOf(attempts: readonly Attempt[], ends: Ends, now: number): Standing {
  const isOver = (one: Attempt) => {
    const end = endOf(ends, one.begunAt);
    return one.overAt !== null || (end !== null && now > end);
  };
  const over = attempts.filter(isOver);
  const on = attempts.find((one) => !isOver(one)) ?? null;
  const pointsOf = (one: Attempt) => one.summary.points * keeps(ends, one);
  const best = over.reduce<Attempt | null>(
    (most, one) => (most && pointsOf(most) >= pointsOf(one) ? most : one),
    null,
  );
  const shown = over.length > 0 && ends.settings.counts === 'last' ? over.at(-1)! : (best ?? on);
  return {
    state: over.length > 0 ? 'finished' : on ? 'onTheWay' : 'notBegun',
    points: counted(over.map(pointsOf), ends.settings.counts),
    late: shown !== null && isLate(ends, shown),
    attempts: attempts.length,
    shown,
    took: attempts.reduce((sum, one) => sum + (one.overAt ?? one.seenAt) - one.begunAt, 0),
    lastSeen: attempts.length === 0 ? null : Math.max(...attempts.map((one) => one.seenAt)),
  };
}

/** A question, how often it was asked in first attempts, and the share of it that was got. */
export interface Missed {
  question: string;
  asked: number;
  share: number;
}

/** Questions that were missed most in people's first attempts; those that everybody got are left out. */
export function missedMost(first: readonly Attempt[]): Missed[] {
  const found = new Map<string, Missed>();
  for (const { summary } of first)
    for (const { question, share } of summary.lengths) {
      const own = found.get(question) ?? { question, asked: 0, share: 0 };
      found.set(question, { question, asked: own.asked + 1, share: own.share + share });
    }
  return [...found.values()]
    .map((one) => ({ ...one, share: one.share / one.asked }))
    .filter(({ share }) => share < 1)
    .sort((a, b) => a.share - b.share || b.asked - a.asked);
}
