import type { Weave } from '../show/weave.ts';
import { begunOf } from '../sitting/read/begunOf.ts';
import type { LedgerEntry } from '../sitting/ledger.ts';
import { toldEntry, type ToldEntry } from '../sitting/view/book.ts';
import { teamViews } from '../sitting/view/public.ts';
import type { SittingState } from '../sitting/state.ts';

/** A change of a score, and what the score was with it. */
export interface ScoreLine extends ToldEntry {
  score: number;
}

/** How scores went: a line for each of the best teams, and every change in words. */
export interface ScoreHistory {
  teams: {
    id: string;
    name: string;
    weave: Weave;
    /** Seconds since the first round began, and the score from then on; it begins with 0 at 0. */
    points: [number, number][];
  }[];
  /** The changes of the team that is asked for, or of all: the newest first, of so many. */
  lines: ScoreLine[];
  of: number;
}

/** So many teams have a line: of more none could be followed. */
const TEAMS = 12;
/** So many changes are told at once. */
const LINES = 1000;

/** Every change with the score that it led to; what concerns a round whose scores do not count any more changes none. */
function run(state: SittingState): (LedgerEntry & { score: number })[] {
  const anew = state.begun.filter(({ since, seq }) => since === seq).map(({ seq }) => seq);
  const scores = new Map<string, number>();
  let next = 0;
  let since = 0;
  return state.ledger.map((entry) => {
    for (; next < anew.length && anew[next]! < entry.seq; next++) {
      since = anew[next]!;
      scores.clear();
    }
    const round = begunOf(state, entry.cause);
    const before = scores.get(entry.team) ?? 0;
    const score = round && round.since !== since ? before : before + entry.amount;
    scores.set(entry.team, score);
    return { ...entry, score };
  });
}

/** How scores went, with the changes of one team, or of all. */
export function scoreHistory(state: SittingState, team: string | null): ScoreHistory {
  const entries = run(state);
  const views = [...teamViews(state)].sort((a, b) => a.place - b.place);
  const drawn = views.slice(0, TEAMS);
  const asked = views.find(({ id }) => id === team);
  if (asked && !drawn.includes(asked)) drawn.push(asked);
  const from = state.startedAt ?? state.openedAt;
  // What is put right weeks later belongs to the end of the evening.
  const until = state.closedAt ?? Infinity;
  const seconds = (at: number) => Math.max(0, Math.round((Math.min(at, until) - from) / 1000));
  const lines = team === null ? entries : entries.filter((entry) => entry.team === team);
  return {
    teams: drawn.map(({ id, name, weave }) => {
      const points: [number, number][] = [[0, 0]];
      for (const { team: of, at, score } of entries) {
        if (of !== id) continue;
        const second = seconds(at);
        if (points.at(-1)![0] === second) points.pop();
        points.push([second, score]);
      }
      return { id, name, weave, points };
    }),
    lines: lines
      .slice(-LINES)
      .reverse()
      .map(({ score, ...entry }) => ({ ...toldEntry(state, entry), score })),
    of: lines.length,
  };
}
