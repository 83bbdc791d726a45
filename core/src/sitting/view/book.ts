import * as v from 'valibot';
import type { FormatName } from '../../formats/index.ts';
import { Id, whole } from '../../text/schemas.ts';
import { writtenQuestion } from '../read/inPlay.ts';
import type { LedgerEntry } from '../ledger.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';
import { responsesOf, type DeskResponse } from './desk.ts';

/** What the host looks up: the ledger, of all or of one team; or the questions that are over, one of them opened. */
export const BookRequest = v.object({
  team: v.nullable(Id),
  /** The question to open by the number under which it was played; the last one where nothing is said. */
  play: v.nullable(whole(0, Number.MAX_SAFE_INTEGER)),
});
export type BookRequest = v.InferOutput<typeof BookRequest>;

/** A line of the ledger with what it is about, and the format in whose words that is told. */
export interface ToldEntry extends LedgerEntry {
  label: string;
  format: FormatName | null;
}

/** Too long to go out with every change of the desk: the host asks for it. */
export interface Book {
  seq: number;
  /** The last lines, the newest first, of so many. */
  ledger: ToldEntry[];
  lines: number;
  /** Questions that are over, the last one first. */
  played: { play: number; prompt: string; answers: number }[];
  open: { play: number; prompt: string; responses: DeskResponse[] } | null;
}

/** So many lines of the ledger are told at once. */
const LINES = 1000;

/** What a ledger line is about: the prompt of its question, or the host's reason. */
const labelOf = (state: SittingState, { cause }: LedgerEntry): string => {
  if (cause.by === 'hand') return cause.reason;
  if (cause.by === 'round') return state.show.rounds[state.begun[cause.begun]!.index]?.title ?? '';
  return cause.by === 'ruling' ? (state.show.questions[cause.question]?.prompt ?? '') : '';
};

/** The round that was on; what a format wrote is told in its words. */
const formatAt = (state: SittingState, seq: number): FormatName | null =>
  state.begun.findLast((round) => round.seq <= seq)?.format ?? null;

export const toldEntry = (state: SittingState, entry: LedgerEntry): ToldEntry => ({
  ...entry,
  label: labelOf(state, entry),
  format: formatAt(state, entry.seq),
});

/** Questions that are over, in the order in which they came up; what each was asked alone as one. */
function questionsOver(state: SittingState): QuestionInPlay[][] {
  const over = new Map<string, QuestionInPlay[]>();
  for (const one of state.plays.values()) {
    if (one === state.question || (one.to !== null && one.settledAt === null)) continue;
    const key = one.to === null ? `${one.play}` : `${one.begun} ${one.question}`;
    const same = over.get(key);
    if (same) same.push(one);
    else over.set(key, [one]);
  }
  return [...over.values()];
}

export function bookOf(state: SittingState, { team, play }: BookRequest): Book {
  const own = team === null ? state.ledger : state.ledger.filter((entry) => entry.team === team);
  const over = questionsOver(state);
  const open = play === null ? over.at(-1) : over.find(([one]) => one!.play === play);
  return {
    seq: state.seq,
    ledger: own
      .slice(-LINES)
      .reverse()
      .map((entry) => toldEntry(state, entry)),
    lines: own.length,
    played: over.reverse().map((plays) => ({
      play: plays[0]!.play,
      prompt: writtenQuestion(state, plays[0]!).prompt,
      answers: plays.reduce((sum, one) => sum + one.responses.length, 0),
    })),
    open: open
      ? {
          play: open[0]!.play,
          prompt: writtenQuestion(state, open[0]!).prompt,
          responses: open.flatMap((one) => responsesOf(state, one, one.order)),
        }
      : null,
  };
}
