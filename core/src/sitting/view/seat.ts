import { withoutThanks } from '../../media/media.ts';
import type { AnswerView, KeyView, OptionView, Verdict } from '../../question/kind.ts';
import { areLaid, kindInPlay, orderFor, rulesFor, writtenQuestion } from '../read/inPlay.ts';
import { countsIn } from '../read/counting.ts';
import { paidFor } from '../read/points.ts';
import { timesFor } from '../read/worth.ts';
import { maySpin } from '../read/spinner.ts';
import { isAsking } from '../read/asking.ts';
import { mayAdvise } from '../read/advisers.ts';
import {
  adviceOn,
  questionFor,
  type QuestionInPlay,
  type Response,
  type Seat,
  type SittingState,
} from '../state.ts';
import { boostsFor, type BoostLine } from './boosts.ts';
import { teamViewOf, teamViews } from './public.ts';
import { publicQuestion, type PublicQuestion } from './question.ts';

/** What one handset gets beside the public view: who it is, and its team's answer. */
export interface SeatView {
  seat: string;
  name: string;
  /** It is another than was asked for: the host looks at that one first. */
  nameHeld: boolean;
  team: string;
  removed: boolean;
  banned: boolean;
  /** Whether an answer counts now, or is for honour only. */
  counts: boolean;
  /** The answer of the own team to the question in play: what, and from whom first. */
  given: { answer: AnswerView | null; by: string; mine: boolean; final: boolean } | null;
  /**
   * The own order of options, where each handset has one; the key in it once it is shown. `letters` says which
   * place each has on the stage, so that it goes by the same letter everywhere.
   */
  own: { options: OptionView[]; key: KeyView | null; letters: number[] } | null;
  /** Answers of one's own that did not stand, where one may answer once more: the hint, and what an answer counts now. */
  again: { given: AnswerView[]; ruledOut: number[]; hint: string; times: number } | null;
  /** Who of the own team pressed first and answers for it, where that is somebody else. */
  buzzedBy: string | null;
  /** What was ruled on the own answer, once that is public: by the key, by handing on, or by settling. */
  verdict: Verdict | 'none' | null;
  share: number | null;
  /** Whether the own team has pressed the buzzer. */
  pressed: boolean;
  /** When the buzzer may be pressed again after a press that came too early (server ms), or null. */
  lockedOutUntil: number | null;
  /** The own team's score and place among how many. */
  standing: { score: number; place: number; of: number } | null;
  /** What the question brought the own team, once it is settled. */
  earned: number | null;
  /** Whether it is asked what it would answer to a question of somebody else's, and what it has said. */
  advises: { said: AnswerView | null } | null;
  /** The question that was asked of this seat, or of its team, alone; null where it answers the common one. */
  asked: PublicQuestion | null;
  /** What this seat wishes for, where its team chooses together. */
  wish: string | null;
  /** Whether this seat throws the shuttle now. */
  maySpin: boolean;
  /** Boosts of the own team: held, lasting, or for sale. */
  boosts: BoostLine[];
  /** How far it has come where it is asked alone, and how its last question ended. */
  track: {
    answered: number;
    right: number;
    last: { play: number; verdict: Verdict | 'none'; earned: number } | null;
  } | null;
}

function givenOf(
  state: SittingState,
  question: QuestionInPlay,
  id: string,
  response: Response | undefined,
): SeatView['given'] {
  if (!response || response.seat === null) return null;
  const content = writtenQuestion(state, question).answer;
  const order = orderFor(state, question, id);
  // Words that are held back are shown to whoever wrote them, not to the others of the team.
  const shown = response.held && response.seat !== id ? null : response.answer;
  return {
    answer: shown && kindInPlay(state, question).show(content, order, shown),
    by: state.seats.get(response.seat)?.name ?? '',
    mine: response.seat === id,
    final: question.step !== 'open' || !rulesFor(state, question).change,
  };
}

function ownLayout(state: SittingState, question: QuestionInPlay, id: string): SeatView['own'] {
  if (question.seed === null || !areLaid(state, question)) return null;
  const { answer } = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  const order = orderFor(state, question, id);
  return {
    options: kind.options(answer, order).map((option) => ({
      ...option,
      picture: question.keyShown ? option.picture : withoutThanks(option.picture),
    })),
    letters: order.map((option) => question.order.indexOf(option)),
    key: question.keyShown ? kind.key(answer, order) : null,
  };
}

function againOf(state: SittingState, question: QuestionInPlay, seat: Seat): SeatView['again'] {
  // Who plays for themselves is a team of their own.
  const all = [...new Set([seat.id, seat.team])].flatMap((who) => question.again.get(who) ?? []);
  if (all.length === 0) return null;
  const answers = all.flatMap((one) => one.answers);
  const written = writtenQuestion(state, question);
  const order = orderFor(state, question, seat.id);
  const kind = kindInPlay(state, question);
  const who = question.again.has(seat.id) ? seat.id : seat.team;
  return {
    given: answers.map((answer) => kind.show(written.answer, order, answer)),
    ruledOut: all.flatMap((one) => one.removed).map((option) => order.indexOf(option)),
    hint: rulesFor(state, question).hints && answers.length > 0 ? written.hint : '',
    times: timesFor(question, { team: seat.team, who }, 'gain'),
  };
}

function otherPresser(state: SittingState, { buzz }: QuestionInPlay, seat: Seat): string | null {
  if (!buzz || buzz.team !== seat.team || buzz.seat === null || buzz.seat === seat.id) return null;
  return state.seats.get(buzz.seat)?.name ?? null;
}

/** A verdict as far as everybody may know it; silence is told where an answer was due. */
function ruledOn(
  state: SittingState,
  question: QuestionInPlay | null,
  team: string,
  response: Response | undefined,
): Pick<SeatView, 'verdict' | 'share'> {
  const none = { verdict: null, share: null };
  if (!question || !kindInPlay(state, question).keyed) return none;
  const tried = question.tried.includes(team);
  if (!tried && !question.keyShown && question.step !== 'settled') return none;
  if (response?.verdict)
    return { verdict: response.verdict, share: response.verdict === 'part' ? response.share : null };
  const due = tried || question.floor === team || question.mode === 'everyone';
  return due ? { verdict: 'none', share: null } : none;
}

function standingOf(state: SittingState, team: string): SeatView['standing'] {
  // Where everybody is at it at once, places are counted, not worked out for all.
  if (isAsking(state)) return placeByBalance(state, team);
  const all = teamViews(state);
  const own = teamViewOf(state, team);
  return own ? { score: own.score, place: own.place, of: all.length } : null;
}

/** What one has earned in the round that everybody goes through alone, and the place by that: as the stage ranks. */
function placeByBalance(state: SittingState, team: string): SeatView['standing'] {
  const balance = (id: string) => state.round!.points.get(id) ?? 0;
  const score = balance(team);
  let [before, of, isHere] = [0, 0, false];
  for (const { id } of state.teams) {
    if (state.seats.get(id)?.removed) continue;
    of++;
    if (id === team) isHere = true;
    if (balance(id) > score) before++;
  }
  return isHere ? { score, place: before + 1, of } : null;
}

function advisesOf(state: SittingState, question: QuestionInPlay, seat: Seat): SeatView['advises'] {
  const advice = adviceOn(question);
  if (!advice) return null;
  const who = state.show.devices.mode === 'each' ? seat.id : seat.team;
  if (!mayAdvise(question, advice, { who, team: seat.team })) return null;
  const said = advice.said.get(who);
  const { answer } = writtenQuestion(state, question);
  const order = orderFor(state, question, seat.id);
  return { said: said ? kindInPlay(state, question).show(answer, order, said.answer) : null };
}

function trackOf(state: SittingState, { id, team }: Seat): SeatView['track'] {
  const track = isAsking(state) ? (state.round!.tracks.get(id) ?? state.round!.tracks.get(team)) : undefined;
  if (!track) return null;
  const last = track.last === null ? null : state.plays.get(track.last);
  return {
    answered: track.answered,
    right: track.right,
    // Who was shown the key knows already.
    last:
      last && !last.keyAfter
        ? {
            play: last.play,
            verdict: last.responses[0]?.verdict ?? 'none',
            earned: paidFor(state, last.play).get(last.floor!) ?? 0,
          }
        : null,
  };
}

export function seatView(state: SittingState, id: string): SeatView | null {
  const seat = state.seats.get(id);
  if (!seat) return null;
  const question = questionFor(state, seat);
  const here = question !== null && !seat.removed;
  const response = question ? (question.byWho.get(id) ?? question.byWho.get(seat.team)) : undefined;
  const alone = here && question.to !== null ? question : null;
  const early = here && question.early.includes(seat.team) && question.openedAt !== null;
  return {
    seat: id,
    name: seat.name,
    nameHeld: seat.asked !== null,
    team: seat.team,
    removed: seat.removed,
    banned: seat.banned,
    counts: countsIn(state.round, seat.team),
    given: here ? givenOf(state, question, id, response) : null,
    own: here ? ownLayout(state, question, id) : null,
    again: here ? againOf(state, question, seat) : null,
    buzzedBy: here ? otherPresser(state, question, seat) : null,
    ...ruledOn(state, question, seat.team, response),
    pressed: here && question.presses.some((one) => one.team === seat.team),
    lockedOutUntil: early ? question.openedAt! + rulesFor(state, question).lockout * 1000 : null,
    standing: standingOf(state, seat.team),
    earned: here && question.step === 'settled' ? (paidFor(state, question.play).get(seat.team) ?? 0) : null,
    advises: here ? advisesOf(state, question, seat) : null,
    asked: alone && publicQuestion(state, alone),
    wish: state.wishes.get(id) ?? null,
    maySpin: maySpin(state, id),
    boosts: seat.removed ? [] : boostsFor(state, seat),
    track: trackOf(state, seat),
  };
}
