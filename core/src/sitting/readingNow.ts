import { SILENTLY, wordsIn, wordsOfQuestion } from '../show/length/question.ts';
import { writtenQuestion } from './inPlay.ts';
import type { SittingState } from './state.ts';

/** A break before one goes on after the last word (s), and for what is told from settings rather than written. */
const BREATH = 2;
const TOLD_FROM_SETTINGS = 12;

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
  if (on?.format !== 'interlude') return 0;
  const { what, text, minutes } = on.content;
  if (what === 'break' && minutes !== null) return { seconds: minutes * 60 };
  if (what === 'howTo' && text === '') return { seconds: TOLD_FROM_SETTINGS };
  return wordsIn(text);
}
