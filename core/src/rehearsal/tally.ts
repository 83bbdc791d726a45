import { paperOf } from './papers.ts';
import type { Show } from '../show/show.ts';
import type { LoggedEvent } from '../sitting/events.ts';
import { climbOnPaper } from './climbOnPaper.ts';
import { groups } from './groups.ts';
import { markOnPaper } from './markOnPaper.ts';
import type { PaperNotes, PaperQuestion, PaperRound } from './paper.ts';
import { notesOf } from './paperNotes.ts';
import { roundOnPaper } from './roundOnPaper.ts';
import { combineOnPaper, valueOnPaper, type PaperAnswer } from './valueOnPaper.ts';

/**
 * The scores of a sitting worked out a second time, by the rules as they are told to people, from
 * nothing but what was written and what was done: no part of the engine that keeps the scores is
 * used here. Where both agree, either would have to be wrong in the same way.
 */

/** How the score of one who played is made up, and what the engine says. */
export interface TallyLine {
  team: string;
  name: string;
  onPaper: number;
  kept: number;
}
export interface Tally {
  agrees: boolean;
  lines: TallyLine[];
  /** Questions of which the answers were marked again, and those where key and marks differ, by their number. */
  questions: number;
  marked: number;
  differ: number[];
}

/** Works the scores out again from the log, and lays them beside `kept`, the scores of the engine. */
export function tally(log: readonly LoggedEvent[], kept: ReadonlyMap<string, number>): Tally {
  const notes = notesOf(log);
  const { names, played } = notes;
  const scores = addUp(notes);
  const differ: number[] = [];
  let marked = 0;
  played.forEach((play, i) => {
    const again = markOnPaper(play.question, [...play.answers.values()], play.mode === 'everyone', play.had);
    marked += again.size;
    for (const [who, share] of again) {
      const own = play.answers.get(who)!;
      if (!own.ruled && own.share !== null && Math.abs(own.share - share) > 1e-9 && !differ.includes(i + 1))
        differ.push(i + 1);
    }
  });
  const ids = [...new Set([...kept.keys(), ...names.keys()])];
  const lines = ids.map((team) => ({
    team,
    name: names.get(team) ?? team,
    onPaper: scores.get(team) ?? 0,
    kept: kept.get(team) ?? 0,
  }));
  const agrees = differ.length === 0 && lines.every((line) => line.onPaper === line.kept);
  return { agrees, lines, questions: played.length, marked, differ };
}

/** Question by question and act by act, in the order in which they counted. */
function addUp(notes: PaperNotes): Map<string, number> {
  const { show, played, others, rounds, climbs, since } = notes;
  const scores = new Map<string, number>();
  const earned = new Map<PaperRound, Map<string, number>>(rounds.map((one) => [one, new Map()]));
  /** The round in which something happened: the last one that had begun. */
  const roundAt = (seq: number) => rounds.findLast((one) => one.from < seq);
  const give = (team: string, amount: number) => scores.set(team, (scores.get(team) ?? 0) + amount);
  const steps = [
    ...others.map((one) => ({
      seq: one.seq,
      do: () => {
        give(one.team, one.amount);
        const own = one.ofRound ? earned.get(roundAt(one.seq)!)! : null;
        own?.set(one.team, (own.get(one.team) ?? 0) + one.amount);
      },
    })),
    ...played
      .filter((play) => play.settledAt !== null)
      .map((play) => ({
        seq: play.settledAt!,
        do: () => {
          const own = earned.get(roundAt(play.seq)!)!;
          settle(show, play, scores, (team, amount) => {
            give(team, amount);
            own.set(team, (own.get(team) ?? 0) + amount);
          });
        },
      })),
    ...climbs
      .filter((one) => one.overAt !== null)
      .map((one) => ({
        seq: one.overAt!,
        do: () => {
          const amount = climbOnPaper(one);
          const own = earned.get(roundAt(one.overAt!)!)!;
          give(one.team, amount);
          own.set(one.team, (own.get(one.team) ?? 0) + amount);
        },
      })),
    ...rounds
      .filter((one) => one.countedAt !== null)
      .map((one) => ({
        seq: one.countedAt!,
        do: () => {
          const own = played.filter((play) => play.settledAt !== null && roundAt(play.seq) === one);
          for (const [team, amount] of roundOnPaper(notes, one, own, earned.get(one)!)) give(team, amount);
        },
      })),
  ];
  for (const step of steps.filter(({ seq }) => seq > since).sort((a, b) => a.seq - b.seq)) step.do();
  return scores;
}

function settle(
  show: Show,
  play: PaperQuestion,
  scores: ReadonlyMap<string, number>,
  give: (team: string, amount: number) => void,
): void {
  const { kind } = play.question.answer;
  if (['opinion', 'scale', 'words', 'card'].includes(kind)) return;
  const byMembers = show.devices.mode === 'each' && show.devices.score === 'teams';
  const byTeam = groups([...play.answers.values()], (one) => one.team);
  for (const [team, answers] of byTeam) {
    if (play.out.has(team)) continue;
    const worth = (one: PaperAnswer) => valueOnPaper(play, one);
    const said = answers.find((one) => one.who === team);
    const raw =
      said || play.alone || !byMembers
        ? Math.floor(worth(said ?? answers[0]!) + 0.5)
        : combineOnPaper(show.devices.combine, answers, worth, play.members.get(team) ?? 0);
    const { lowest } = play.round.rules;
    const floor = paperOf(play.round).pays ? lowest : null;
    const before = scores.get(team) ?? 0;
    // A loss stops at the lowest score; who stands below it already loses nothing.
    const amount = floor !== null && raw < 0 ? Math.max(raw, Math.min(0, floor - before)) : raw;
    if (amount !== 0) give(team, amount);
  }
}
