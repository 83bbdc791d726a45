import { formatOf } from '../../formats/index.ts';
import { SILENTLY, wordsIn, wordsOfQuestion } from '../../show/length/question.ts';
import { writtenQuestion } from './inPlay.ts';
import type { SittingState } from '../state.ts';

/** A break before one goes on after the last word (s). */
const BREATH = 2;

/** How long what is on the stage has to stay there to be read, in seconds; a break lasts as long as it says. */
export function readingNow(state: SittingState): number {
  const words = wordsNow(state);
  if (typeof words === 'number') return words === 0 ? 0 : (words / SILENTLY) * 60 + BREATH;
  return words.seconds;
}

function wordsNow(state: SittingState): number | { seconds: number } {
  const { question, round } = state;
  if (question) {
    const written = writtenQuestion(state, question);
    if (question.step === 'posed') return wordsOfQuestion(written);
    // The explanation comes with the key and stays while the points are entered.
    return question.keyShown ? wordsIn(written.explanation) : 0;
  }
  const on = round && state.show.rounds[round.index];
  if (!on) return 0;
  const read = formatOf(on.format).reads(on.content);
  return typeof read === 'string' ? wordsIn(read) : read;
}
