import { kindInPlay, rulesFor, writtenQuestion } from '../sitting/read/inPlay.ts';
import { isForClosest, partsOf, worthOf, type Part } from '../sitting/read/worth.ts';
import { rounded } from '../sitting/read/points.ts';
import { playOf, type QuestionInPlay, type SittingState } from '../sitting/state.ts';
import { toldEntry, type ToldEntry } from '../sitting/view/book.ts';
import { keyOf } from './results.ts';
import { shareOf } from './overview.ts';
import { sheetOf, type Cell, type Knower } from './sheet.ts';

/** What somebody made of one question, and what came of it. */
export interface OwnAnswer {
  number: number;
  /** Under which it was in play. */
  play: number;
  place: string;
  prompt: string;
  key: string;
  explanation: string;
  answer: string;
  is: Cell['is'];
  share: number;
  seconds: number | null;
  /** Whether the host marked it. */
  byHost: boolean;
  /** What this answer was worth by itself, and why; null where it was not marked, or counts otherwise than as played. */
  worth: { points: number; parts: Part[] } | null;
  /** Every line of the score history that this question brought to their team. */
  lines: ToldEntry[];
}

/** Somebody's evening: a person's, or that of a team which answers as one. */
export interface PersonReport {
  person: Knower & { share: number | null };
  answers: OwnAnswer[];
}

function worthOfAnswer(state: SittingState, play: QuestionInPlay, cell: Cell): OwnAnswer['worth'] {
  const { response } = cell;
  if (!response || response.verdict === null || play.counts !== 'asPlayed') return null;
  const of = [play, rulesFor(state, play), response, isForClosest(state, play)] as const;
  const points = rounded(worthOf(...of));
  return { points: points === 0 ? 0 : points, parts: partsOf(...of) };
}

/** Tells one person's evening, or a team's; null where nobody of that id played. */
export function personOf(state: SittingState, who: string): PersonReport | null {
  const { knowers, items, cells } = sheetOf(state, who);
  const [knower] = knowers;
  if (!knower) return null;
  const team = state.seats.get(who)?.team ?? who;
  const own = cells[0]!;
  return {
    person: { ...knower, share: shareOf(own, items) },
    answers: items.flatMap((item, column): OwnAnswer[] => {
      const cell = own[column];
      if (!cell) return [];
      const play = playOf(state, cell.play)!;
      const written = writtenQuestion(state, play);
      const { response } = cell;
      return [
        {
          number: item.number,
          play: cell.play,
          place: item.place,
          prompt: item.prompt,
          key: keyOf(state, play),
          explanation: written.explanation,
          answer: response?.answer
            ? kindInPlay(state, play).show(written.answer, play.order, response.answer).text
            : '',
          is: cell.is,
          share: cell.share,
          seconds: cell.seconds,
          byHost: response?.by === 'host',
          worth: worthOfAnswer(state, play, cell),
          lines: state.ledger
            .filter(
              (entry) =>
                entry.team === team &&
                entry.cause.by === 'ruling' &&
                entry.cause.play !== undefined &&
                item.plays.includes(entry.cause.play),
            )
            .map((entry) => toldEntry(state, entry)),
        },
      ];
    }),
  };
}
