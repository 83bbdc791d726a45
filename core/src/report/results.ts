import type { Verdict } from '../question/kind.ts';
import { kindInPlay, placeOf, writtenQuestion } from '../sitting/inPlay.ts';
import { hadFloor } from '../sitting/points.ts';
import { seatsOf, teamOf, type Response, type SittingState } from '../sitting/state.ts';
import { teamViews } from '../sitting/view/public.ts';
import type { Weave } from '../show/weave.ts';

export interface StandingRow {
  id: string;
  place: number;
  team: string;
  weave: Weave;
  score: number;
  players: string[];
}

export interface ResponseRow {
  /** The number of the question in the order of play, from 1. */
  number: number;
  category: string;
  points: number;
  prompt: string;
  key: string;
  team: string;
  /** Empty when it was said aloud. */
  player: string;
  answer: string;
  verdict: Verdict | 'none';
  ruledBy: 'key' | 'host' | '';
  /** Seconds from the opening to the answer, or null. */
  seconds: number | null;
}

/** Everything that a results page or a grade book wants of one sitting. */
export interface Results {
  title: string;
  standings: StandingRow[];
  responses: ResponseRow[];
  /** Points given or taken by hand, with the reason. */
  byHand: { team: string; amount: number; reason: string }[];
}

/** Derives the results of a sitting from its state; works at any moment, also before the close. */
export function resultsOf(state: SittingState): Results {
  const name = (team: string) => teamOf(state, team)?.name ?? '';
  return {
    title: state.show.title,
    standings: [...teamViews(state)]
      .sort((a, b) => a.place - b.place)
      .map(({ id, name: team, weave, place, score }) => ({
        id,
        place,
        team,
        weave,
        score,
        players: seatsOf(state, id).map((seat) => seat.name),
      })),
    responses: state.played.flatMap((play, i) => {
      const written = writtenQuestion(state, play);
      const kind = kindInPlay(state, play);
      const row = {
        number: i + 1,
        category:
          placeOf(state, play).label || (state.show.rounds[state.begun[play.begun]!.index]?.title ?? ''),
        points: play.points,
        prompt: written.prompt,
        key: kind.key(written.answer, play.order).texts[0] ?? '',
      };
      // Who had the floor without answering is told, too; where everyone could, only who answered.
      const silent = hadFloor(play).filter((team) => !play.responses.some((one) => one.team === team));
      const tries = [
        ...play.responses,
        ...silent.map((team) => ({ team }) as Partial<Response> & { team: string }),
      ];
      const order = (team: string) => hadFloor(play).indexOf(team) + 1 || tries.length + 1;
      return tries
        .sort((a, b) => order(a.team) - order(b.team))
        .map((response) => ({
          ...row,
          team: name(response.team),
          player: response.seat ? (state.seats.get(response.seat)?.name ?? '') : '',
          answer: response.answer ? kind.show(written.answer, play.order, response.answer).text : '',
          verdict: response.verdict ?? ('none' as const),
          ruledBy: response.by ?? ('' as const),
          seconds: response.after == null ? null : Math.round(response.after / 100) / 10,
        }));
    }),
    byHand: state.ledger.flatMap(({ team, amount, cause }) =>
      cause.by === 'hand' ? [{ team: name(team), amount, reason: cause.reason }] : [],
    ),
  };
}
