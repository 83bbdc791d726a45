import type { StageView } from './stage.ts';
import { isRunning } from '../../time/clock.ts';
import type { SoundName } from '../../show/sound/sounds.ts';

/** What the stage looks like to the ear. */
export type Heard = Pick<StageView, 'phase' | 'standings' | 'question'>;

/** The sound that goes on for as long as the stage is as it is, or null. */
export function loopOf({ phase, question, standings }: Heard): SoundName | null {
  if (phase === 'lobby') return 'theme';
  if (!question || standings || question.step !== 'open') return null;
  // What the question itself lets us hear is not played over.
  if (question.sound || question.video) return null;
  return question.clock && isRunning(question.clock) ? 'thinking' : null;
}

/** How many tries at a question are known to have been right (or in part), and wrong. */
function known(question: Heard['question']): { right: number; wrong: number } {
  const verdicts = (question?.tries ?? []).map((one) => one.verdict);
  return {
    right: verdicts.filter((one) => one === 'right' || one === 'part').length,
    wrong: verdicts.filter((one) => one === 'wrong').length,
  };
}

/**
 * The sound of what happened between two pictures of the stage, or null. Of several things at once the
 * one is heard that matters most: the end, a verdict, the lock, the standings.
 */
export function shotOf(before: Heard | null, now: Heard): SoundName | null {
  if (!before) return null;
  if (before.phase === 'round' && now.phase === 'closed') return 'fanfare';
  const one = now.question;
  const was = before.question;
  if (one && was && one.play === was.play) {
    const [then, since] = [known(was), known(one)];
    if (since.right > then.right) return 'right';
    if (since.wrong > then.wrong) return 'wrong';
    if (was.step === 'open' && one.step === 'locked') return 'lock';
  }
  return now.standings && !before.standings && now.phase === 'round' ? 'applause' : null;
}
