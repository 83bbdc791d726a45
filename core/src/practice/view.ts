import { wordsOfOption } from '../question/kinds/options.ts';
import { kindInPlay, placeOf, writtenQuestion } from '../sitting/read/inPlay.ts';
import type { QuestionInPlay, SittingState } from '../sitting/state.ts';
import { handsetView, type PublicView } from '../sitting/view/public.ts';
import { seatView, type SeatView } from '../sitting/view/seat.ts';
import { SEAT, waitsFor, type Waiting } from './run.ts';
import { missedIn, shareOf, summaryOf, type RunSummary } from './summary.ts';

/** One question of a run that is over, to be looked at again. */
export interface Answered {
  question: string;
  topic: string;
  prompt: string;
  language: string;
  /** Own answers, the last one last; empty for none. */
  given: string[];
  key: string;
  explanation: string;
  share: number;
}

/** What whoever takes a practice sees of a run: nothing of a key that was not shown to them. */
export interface RunView {
  waits: Waiting;
  view: PublicView;
  seat: SeatView;
  summary: RunSummary;
  /** What the question before them is about; empty where nothing says it. */
  topic: string;
  /** Questions that were missed, once the run is over, and what those are about. */
  missed: { questions: string[]; topics: string[] };
  /** All that was asked, once the run is over. */
  answered: Answered[];
}

/** What people call what a question is about: its category, else its first tag. */
const topicOf = (state: SittingState, play: QuestionInPlay): string =>
  placeOf(state, play).label || (writtenQuestion(state, play).tags[0] ?? '');

function answeredIn(state: SittingState): Answered[] {
  return [...state.plays.values()]
    .filter((play) => play.settledAt !== null && kindInPlay(state, play).given !== 'nowhere')
    .map((play): Answered => {
      const written = writtenQuestion(state, play);
      const kind = kindInPlay(state, play);
      const own = [...(play.again.get(SEAT)?.answers ?? []), play.byWho.get(SEAT)?.answer ?? null];
      const options = kind.options(written.answer, play.order);
      const text = (answer: (typeof own)[number]) => {
        if (answer === null) return '';
        const { slots, text: said } = kind.show(written.answer, play.order, answer);
        return said || slots.map((slot) => (options[slot] ? wordsOfOption(options[slot]) : '')).join('; ');
      };
      const { slots, texts } = kind.key(written.answer, play.order);
      return {
        question: play.question,
        topic: topicOf(state, play),
        prompt: written.prompt,
        language: written.language,
        given: own.map(text).filter(Boolean),
        key: slots.length > 0 ? texts.join('; ') : (texts[0] ?? ''),
        explanation: written.explanation,
        share: shareOf(play),
      };
    });
}

export function runView(state: SittingState): RunView {
  const waits = waitsFor(state);
  const summary = summaryOf(state);
  const over = waits === 'over';
  const answered = over ? answeredIn(state) : [];
  const play = state.question ?? state.asked.get(SEAT) ?? null;
  const missed = over ? missedIn(summary) : [];
  const about = new Set(
    answered
      .filter(({ question, topic }) => missed.includes(question) && topic !== '')
      .map(({ topic }) => topic),
  );
  return {
    waits,
    view: handsetView(state),
    seat: seatView(state, SEAT)!,
    summary,
    topic: play ? topicOf(state, play) : '',
    missed: { questions: missed, topics: [...about] },
    answered,
  };
}
