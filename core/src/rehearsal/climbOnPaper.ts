import { lacksOf } from '../question/asPlayed.ts';
import type { Question } from '../question/question.ts';
import type { Show } from '../show/show.ts';
import type { PaperClimb, PaperQuestion } from './paper.ts';
import { fastestOnPaper } from './valueOnPaper.ts';

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

/** A rung is over: with a miss, or at the top, so is the climb; a question to everybody says who sets out. */
export function noteRung(
  note: PaperQuestion,
  climbs: PaperClimb[],
  { seq }: { seq: number },
  setOut: (team: string) => void,
  { questions, devices }: Show,
): void {
  if (note.mode === 'everyone') {
    const climbed = (team: string) =>
      climbs.filter((one) => one.team === team && one.round === note.round).length;
    const { attempts } = note.round.content as { attempts: number };
    const first = fastestOnPaper(note, devices, note.members, (team) => climbed(team) < attempts);
    return void (first !== null && setOut(first));
  }
  const right = [...note.answers.values()].some((one) => one.team === note.floor && (one.share ?? 0) >= 1);
  const climb = climbs.at(-1)!;
  const { content } = note.round;
  // Where there are fewer questions than rungs, the last question stands on the top.
  const top =
    'rungs' in content
      ? Math.min(content.rungs.length, content.items.filter(({ id }) => canBeClimbed(questions[id])).length)
      : 0;
  if (!right || climb.questions.length >= top) climb.overAt = seq;
}
/** Cards and opinions cannot be right, and what is unfinished is left out. */
const canBeClimbed = (question: Question | undefined): boolean =>
  question !== undefined &&
  !['card', 'opinion', 'scale', 'words'].includes(question.answer.kind) &&
  lacksOf(question).length === 0;
