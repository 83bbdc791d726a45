import type { Verdict } from '../question/kind.ts';
import { wordsOfOption } from '../question/kinds/options.ts';
import { kindInPlay, placeOf, writtenQuestion } from '../sitting/read/inPlay.ts';
import { paidFor } from '../sitting/read/points.ts';
import { areTooFew } from '../sitting/read/polling.ts';
import { hadFloor } from '../sitting/read/worth.ts';
import { seatsOf, teamOf, type QuestionInPlay, type Response, type SittingState } from '../sitting/state.ts';
import { teamViews } from '../sitting/view/public.ts';
import type { Weave } from '../show/weave.ts';
import { isNameless, overIn, silentIn, whose } from './over.ts';

export interface StandingRow {
  id: string;
  place: number;
  team: string;
  weave: Weave;
  score: number;
  players: string[];
}

export interface ResponseRow {
  /** The number of the question in the order of play, from 1, and that under which it was in play. */
  number: number;
  play: number;
  /** By which the answer is marked: a seat or a team; null where nobody's answer has a name, or none was given. */
  who: string | null;
  /** In whose row of the sheet it stands, or null. */
  knower: string | null;
  teamId: string;
  category: string;
  /** What the question was worth; 0 where nothing could be right or wrong. */
  value: number;
  prompt: string;
  key: string;
  team: string;
  /** Empty when it was said aloud. */
  player: string;
  answer: string;
  /** `given` where nothing could be right or wrong. */
  verdict: Verdict | 'given' | 'none';
  ruledBy: 'key' | 'host' | '';
  /** The share of the marks, 0 … 1; null where nothing was ruled. */
  share: number | null;
  /** What the question brought to the team in all, later rulings included. */
  brought: number;
  /** Seconds from the opening to the answer while the clock ran, or null. */
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

/** The key in one line: of several right options all of them, of accepted spellings the first. */
export function keyOf(state: SittingState, play: QuestionInPlay): string {
  const { answer } = writtenQuestion(state, play);
  const { slots, texts } = kindInPlay(state, play).key(answer, play.order);
  return slots.length > 0 ? texts.join('; ') : (texts[0] ?? '');
}

/** Hands that were counted, a row for each option or step that had some. */
function handsOf(state: SittingState, play: QuestionInPlay): string[] {
  const { answer } = writtenQuestion(state, play);
  const kind = kindInPlay(state, play);
  const options = kind.options(answer, play.order);
  const from = answer.kind === 'scale' ? answer.from : 0;
  const nameOf = (i: number) => (options[i] ? wordsOfOption(options[i]) : String(i + from));
  return (play.hands ?? []).flatMap((count, i) => (count > 0 ? [`${count} × ${nameOf(i)}`] : []));
}

/** The answers to a question; those without names in the order of their words, and of too few of them none. */
function given(state: SittingState, play: QuestionInPlay): readonly Response[] {
  if (!isNameless(state, play)) return play.responses;
  if (areTooFew(state, play, play.responses.length)) return [];
  const wordsOf = ({ answer }: Response) => JSON.stringify(answer);
  return [...play.responses].sort((a, b) => (wordsOf(a) < wordsOf(b) ? -1 : 1));
}

/** Every answer to one question in the order of the floor, then those who gave none. */
function rowsOf(state: SittingState, play: QuestionInPlay, number: number): ResponseRow[] {
  const written = writtenQuestion(state, play);
  const kind = kindInPlay(state, play);
  const paid = paidFor(state, play.play);
  const row = {
    number,
    play: play.play,
    category: placeOf(state, play).label || (state.show.rounds[state.begun[play.begun]!.index]?.title ?? ''),
    value: kind.keyed ? play.points : 0,
    prompt: written.prompt,
    key: keyOf(state, play),
  };
  const hands = handsOf(state, play).map((answer): ResponseRow => ({
    ...row,
    who: null,
    knower: null,
    teamId: '',
    team: '',
    player: '',
    answer,
    verdict: 'given',
    ruledBy: '',
    share: null,
    brought: 0,
    seconds: null,
  }));
  if (hands.length > 0) return hands;
  const tries: Pick<Response, 'team' | 'seat'>[] = [...given(state, play), ...silentIn(state, play)];
  const nameless = isNameless(state, play);
  const floors = new Map(hadFloor(play).map((team, i) => [team, i]));
  const order = (team: string) => floors.get(team) ?? tries.length;
  return tries
    .sort((a, b) => order(a.team) - order(b.team))
    .map((one) => {
      const {
        team,
        seat,
        answer = null,
        verdict = null,
        by,
        share,
        after,
      } = one as Partial<Response> & typeof one;
      // Written out: a hundred thousand of them take a tenth of the time of copies that are changed.
      return {
        number: row.number,
        play: row.play,
        category: row.category,
        value: row.value,
        prompt: row.prompt,
        key: row.key,
        knower: nameless ? null : whose(state, one),
        who: nameless ? null : ((one as Partial<Response>).who ?? null),
        teamId: team,
        team: teamOf(state, team)?.name ?? '',
        player: seat ? (state.seats.get(seat)?.name ?? '') : '',
        answer: answer ? kind.show(written.answer, play.order, answer).text : '',
        verdict: verdict ?? (answer && !kind.keyed ? ('given' as const) : ('none' as const)),
        ruledBy: by ?? ('' as const),
        share: verdict === null ? null : (share ?? null),
        brought: paid.get(team) ?? 0,
        seconds: after == null || team === '' ? null : Math.round(after / 100) / 10,
      };
    });
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
    responses: overIn(state).flatMap(({ play, number }) => rowsOf(state, play, number)),
    byHand: state.ledger.flatMap(({ team, amount, cause }) =>
      cause.by === 'hand' ? [{ team: name(team), amount, reason: cause.reason }] : [],
    ),
  };
}
