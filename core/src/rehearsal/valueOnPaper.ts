import type { Combination, Devices } from '../show/devices.ts';
import { groups } from './groups.ts';
import { paperOf } from './papers.ts';
import type { Round } from '../show/show.ts';

/** An answer with its mark, as somebody with pencil and paper would note it. */
export interface PaperAnswer {
  who: string;
  team: string;
  answer: unknown;
  /** Milliseconds since the answers were open; null where it was said. */
  after: number | null;
  /** Share of the marks, 0 … 1; null where nobody said. */
  share: number | null;
  ruled: boolean;
}

/** What one answer is worth by the rules of its round, not rounded. */
export function valueOnPaper(
  play: {
    round: Round;
    value: number;
    alone: { loss: number } | null;
    mode: 'turn' | 'buzz' | 'everyone';
    had: readonly string[];
    limit: number | null;
    factors: readonly { team: string; who: string | null; times: number; of: 'gain' | 'loss' }[];
  },
  { who, team, share, after }: PaperAnswer,
): number {
  const { rules } = play.round;
  if (share === null || !paperOf(play.round).pays) return 0;
  const first = play.had[0];
  const handedOn = play.mode !== 'everyone' && first !== undefined && first !== team;
  const value = handedOn ? (play.value * rules.passShare) / 100 : play.value;
  const multiplied = (of: 'gain' | 'loss') =>
    play.factors
      .filter((one) => one.of === of && one.team === team && (one.who === null || one.who === who))
      .reduce((times, one) => times * one.times, 1);
  if (share === 0) {
    if (play.alone) return -play.alone.loss * multiplied('loss');
    if (rules.penalty === 'full') return -value * multiplied('loss');
    return rules.penalty === 'part' ? ((-value * rules.penaltyShare) / 100) * multiplied('loss') : 0;
  }
  let left = 1;
  if (rules.speed && play.limit !== null && after !== null && !handedOn) {
    const { keep, grace } = rules.speed;
    const [t, limit] = [after / 1000, play.limit / 1000];
    if (limit > grace && t > grace) {
      const gone = Math.min(1, (t - grace) / (limit - grace));
      left = 1 - gone * (1 - keep / 100);
    }
  }
  return value * left * share * multiplied('gain');
}

/** The answer that most members gave; of several the one that was there first. */
export function majorityOnPaper(answers: readonly PaperAnswer[]): PaperAnswer | null {
  const inTime = [...answers].sort((a, b) => (a.after ?? 0) - (b.after ?? 0));
  const alike = [...groups(inTime, (one) => JSON.stringify(one.answer)).values()];
  const most = Math.max(...alike.map((group) => group.length));
  return alike.find((group) => group.length === most)?.[0] ?? null;
}

/** The first team all of whose answer is right, of those that `may`; where members answer, by how they are combined. */
export function fastestOnPaper(
  { answers }: { answers: ReadonlyMap<string, PaperAnswer> },
  { mode, score, combine }: Devices,
  members: ReadonlyMap<string, number>,
  may: (team: string) => boolean,
): string | null {
  const isRight = (one: PaperAnswer | null) => (one?.share ?? 0) >= 1;
  const byMembers = mode === 'each' && score === 'teams';
  const wins = (team: string, own: PaperAnswer[]) => {
    const said = own.find((one) => one.who === team);
    if (said || !byMembers) return isRight(said ?? own[0]!);
    if (combine === 'first') return own.some(isRight);
    if (combine === 'majority') return isRight(majorityOnPaper(own));
    return own.every(isRight) && own.length >= (members.get(team) ?? 0);
  };
  const right = [...groups([...answers.values()], (one) => one.team)]
    .filter(([team, own]) => may(team) && wins(team, own))
    .map(([team, own]) => ({
      team,
      after: Math.min(...own.filter(isRight).map((one) => one.after ?? Infinity)),
    }));
  return right.sort((a, b) => a.after - b.after || 0)[0]?.team ?? null;
}

/** What the answers of the members of a team are worth together. */
export function combineOnPaper(
  how: Combination,
  answers: readonly PaperAnswer[],
  worth: (answer: PaperAnswer) => number,
  members: number,
): number {
  const given = answers.filter((one) => one.answer !== null);
  if (given.length === 0) return 0;
  const round = (n: number) => Math.floor(n + 0.5);
  if (how === 'sum') return given.reduce((sum, one) => sum + round(worth(one)), 0);
  if (how === 'mean')
    return round(given.reduce((sum, one) => sum + worth(one), 0) / Math.max(members, given.length));
  if (how === 'majority') return round(worth(majorityOnPaper(given)!));
  const inTime = [...given].sort((a, b) => (a.after ?? 0) - (b.after ?? 0));
  // The first that was all right; where none was, the first that was not all wrong.
  const first = (least: number) => inTime.find((one) => (one.share ?? 0) >= least);
  return round(worth(first(1) ?? first(1e-9) ?? inTime[0]!));
}
