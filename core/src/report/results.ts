import { formatOf } from '../formats/index.ts';
import type { Verdict } from '../question/kind.ts';
import { kindInPlay, writtenQuestion } from '../sitting/decide/steps.ts';
import { rank } from '../rank/standings.ts';
import { scoreOf } from '../sitting/ledger.ts';
import { seatsOf, teamOf, type SittingState } from '../sitting/state.ts';
import type { Weave } from '../show/weave.ts';

export interface StandingRow {
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
    standings: rank(state.show.teams, (team) => scoreOf(state.ledger, team.id)).map(
      ({ item, score, place }) => ({
        place,
        team: item.name,
        weave: item.weave,
        score,
        players: seatsOf(state, item.id).map((seat) => seat.name),
      }),
    ),
    responses: state.played.flatMap((play, i) => {
      const written = writtenQuestion(state, play);
      const kind = kindInPlay(state, play);
      const row = {
        number: i + 1,
        category: formatOf(state.round!.format).inPlay(state.round!.state, play.ref).label,
        points: play.points,
        prompt: written.prompt,
        key: kind.key(written.answer, play.order).texts[0] ?? '',
      };
      const had = [
        ...new Set([...play.tried, play.floor, ...play.responses.map((response) => response.team)]),
      ];
      return had.map((team) => {
        const response = play.responses.find((one) => one.team === team);
        return {
          ...row,
          team: name(team),
          player: response?.seat ? (state.seats.get(response.seat)?.name ?? '') : '',
          answer: response?.answer ? kind.show(written.answer, play.order, response.answer).text : '',
          verdict: response?.verdict ?? ('none' as const),
          ruledBy: response?.by ?? ('' as const),
          seconds: response?.after == null ? null : Math.round(response.after / 100) / 10,
        };
      });
    }),
    byHand: state.ledger.flatMap(({ team, amount, cause }) =>
      cause.by === 'hand' ? [{ team: name(team), amount, reason: cause.reason }] : [],
    ),
  };
}
