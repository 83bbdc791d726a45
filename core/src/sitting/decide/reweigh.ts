import { formatOf } from '../../formats/index.ts';
import { refuse, type Refusal } from '../../refusal.ts';
import type { Draft } from '../events.ts';
import { kindInPlay } from '../read/inPlay.ts';
import type { Counting } from '../counting.ts';
import { playOf, type QuestionInPlay, type SittingState } from '../state.ts';
import { reckonAgain } from './reckonAgain.ts';

interface Weight {
  play: number;
  points?: number | undefined;
  counts?: Counting | undefined;
}

/** Whether a question of that round brings points and nothing else, so that it can be counted otherwise afterwards. */
export function mayReweigh(state: SittingState, question: QuestionInPlay): boolean {
  const { pays, ranksOtherwise } = formatOf(state.begun[question.begun]!.format);
  return question.settledAt !== null && kindInPlay(state, question).keyed && pays && !ranksOtherwise;
}

/** The same question, as often as it was asked in that round of each alone. */
const sameAs = (state: SittingState, meant: QuestionInPlay): QuestionInPlay[] =>
  meant.to === null
    ? [meant]
    : [...state.plays.values()].filter(
        ({ question, begun, to, settledAt }) =>
          question === meant.question && begun === meant.begun && to !== null && settledAt !== null,
      );

/** Gives a question that is over another value, or counts it for everybody or nobody: points follow as if it had been so from the start. */
export function reweigh(state: SittingState, { play, points, counts }: Weight): Draft[] | Refusal {
  const meant = playOf(state, play);
  if (!meant || meant.settledAt === null) return refuse('notNow', 'questionOn');
  if (!kindInPlay(state, meant).keyed) return refuse('notNow', 'noCorrect');
  if (!mayReweigh(state, meant)) return refuse('notNow', 'decidesMore');
  const weight = { points: points ?? meant.points, counts: counts ?? meant.counts };
  const others = sameAs(state, meant).filter(
    (one) => one.points !== weight.points || one.counts !== weight.counts,
  );
  if (others.length === 0) return refuse('already', 'countsAlready');
  return [
    ...others.map((one): Draft => ({ type: 'reweighed', play: one.play, ...weight })),
    ...reckonAgain(
      state,
      others.map((one) => ({ question: { ...one, ...weight }, rulings: [] })),
    ),
  ];
}
