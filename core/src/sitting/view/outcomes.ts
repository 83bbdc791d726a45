import { askedAs } from '../../question/askedAs.ts';
import type { Earlier } from '../events.ts';
import { writtenQuestion } from '../read/inPlay.ts';
import { pollingOf } from '../read/polling.ts';
import type { SittingState } from '../state.ts';
import { isPoll, outcomeIn } from './poll.ts';

/** What came out of all surveys of a sitting, to be compared with the next time; of a question asked twice, the last. */
export function outcomesOf(state: SittingState): Earlier[] {
  const found = new Map<string, Earlier>();
  for (const play of state.played) {
    const outcome = pollingOf(state, play) !== null && isPoll(state, play) ? outcomeIn(state, play) : null;
    const asked = askedAs(writtenQuestion(state, play));
    if (outcome) found.set(asked, { asked, at: play.pickedAt, outcome });
  }
  return [...found.values()];
}
