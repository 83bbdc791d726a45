import { writtenQuestion } from '../sitting/read/inPlay.ts';
import type { SittingState } from '../sitting/state.ts';

/** How a question of the library did in one sitting. */
export interface PlayedQuestion {
  /** Its id in the library. */
  question: string;
  /** Answers that were ruled on. */
  answers: number;
  /** The mean share of the marks, 0 … 1; null where nothing was ruled on. */
  share: number | null;
}

/** The questions of the library that a sitting brought into play, each once. */
export function playedQuestions(state: SittingState): PlayedQuestion[] {
  const found = new Map<string, number[]>();
  for (const play of state.plays.values()) {
    if (play === state.question || (play.to !== null && play.settledAt === null)) continue;
    const { origin } = writtenQuestion(state, play);
    if (!origin) continue;
    const shares = play.responses.filter((one) => one.verdict !== null).map((one) => one.share);
    const all = found.get(origin.id) ?? [];
    if (all.length === 0) found.set(origin.id, all);
    all.push(...shares);
  }
  return [...found].map(([question, shares]) => ({
    question,
    answers: shares.length,
    share: shares.length === 0 ? null : shares.reduce((sum, one) => sum + one, 0) / shares.length,
  }));
}
