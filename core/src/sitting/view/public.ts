import { formatOf, type BoardView } from '../../formats/index.ts';
import { pictureView, type PictureView, type Sound, type Video } from '../../media/media.ts';
import type { AnswerView, Control, KeyView, OptionView, Verdict } from '../../question/kind.ts';
import type { KindName } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import { rank } from '../../rank/standings.ts';
import type { Weave } from '../../show/weave.ts';
import type { Clock } from '../clock.ts';
import { kindInPlay, writtenQuestion } from '../decide/steps.ts';
import { ruledOut } from '../decide/answer.ts';
import { scoreOf } from '../ledger.ts';
import { seatsOf, type QuestionInPlay, type Response, type SittingState, type Step } from '../state.ts';

export interface TeamView {
  id: string;
  name: string;
  weave: Weave;
  score: number;
  place: number;
  /** Change of the score since standings were shown the time before. */
  change: number;
  players: number;
}

/** A team's try at the question in play, as far as everybody may know it. */
export interface TryView {
  team: string;
  /** `null` until it is shown, or when it was said aloud. */
  answer: AnswerView | null;
  /** `null` until it is public: by handing on, by the key, or by settling. */
  verdict: Verdict | 'none' | null;
  /** How much of the value a verdict of "part" brings. */
  share: number | null;
}

export interface PublicQuestion {
  ref: string;
  label: string;
  points: number;
  step: Step;
  floor: string;
  kind: KindName;
  /** Whether an answer can be right or wrong at all, and bring points. */
  keyed: boolean;
  /** `null` until it is posed. */
  prompt: string | null;
  /** To be seen and heard with the prompt. */
  picture: PictureView | null;
  sound: Sound | null;
  video: Video | null;
  /** BCP 47 or empty; told for reading aloud, where the author wants it offered. */
  readAloud: { language: string } | null;
  /** `null` until the answers are open; so are the options. */
  control: Control | null;
  options: OptionView[] | null;
  ruledOut: number[];
  clock: Clock | null;
  limit: number | null;
  lockedBy: QuestionInPlay['lockedBy'];
  tries: TryView[];
  key:
    | (KeyView &
        Pick<Question, 'explanation' | 'onRight' | 'onWrong' | 'credit'> & { picture: PictureView | null })
    | null;
  /** Points that the question brought, once it is settled. */
  result: { team: string; amount: number }[] | null;
}

/** What everybody in the room may see: stage, overlay and handsets alike. Holds nothing of a key before it is shown. */
export interface PublicView {
  seq: number;
  phase: SittingState['phase'];
  title: string;
  roundTitle: string;
  code: string;
  teams: TeamView[];
  turn: string;
  standings: boolean;
  board: BoardView | null;
  question: PublicQuestion | null;
}

export function teamViews(state: SittingState): TeamView[] {
  const places = rank(state.show.teams, (team) => scoreOf(state.ledger, team.id));
  const since = state.standings ? state.standingsBefore : state.standingsAt;
  const recent = state.ledger.filter((entry) => entry.seq > since);
  return state.show.teams.map((team) => {
    const { score, place } = places.find((row) => row.item === team)!;
    const change = scoreOf(recent, team.id);
    return { ...team, score, place, change, players: seatsOf(state, team.id).length };
  });
}

function tryView(state: SittingState, question: QuestionInPlay, team: string, response?: Response): TryView {
  const shown = response?.shown && response.answer;
  const content = writtenQuestion(state, question).answer;
  const verdictIsPublic =
    kindInPlay(state, question).keyed &&
    (question.tried.includes(team) || question.keyShown || question.step === 'settled');
  return {
    team,
    answer: shown ? kindInPlay(state, question).show(content, question.order, response.answer!) : null,
    verdict: verdictIsPublic ? (response?.verdict ?? 'none') : null,
    share: verdictIsPublic && response?.verdict === 'part' ? response.share : null,
  };
}

export function publicQuestion(state: SittingState, question: QuestionInPlay): PublicQuestion {
  const written = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  const place = formatOf(state.round!.format).inPlay(state.round!.state, question.ref);
  const opened = question.openedAt !== null;
  const posed = question.step !== 'picked';
  const withTry = [
    ...question.tried,
    ...question.responses.map((response) => response.team).filter((team) => !question.tried.includes(team)),
  ];
  // Who is answering right now stays with the host until the lock.
  const tries = withTry.filter((team) => question.step !== 'open' || question.tried.includes(team));
  return {
    ref: question.ref,
    label: place.label,
    points: question.points,
    step: question.step,
    floor: question.floor,
    kind: written.answer.kind,
    keyed: kind.keyed,
    prompt: posed ? written.prompt : null,
    picture: posed ? pictureView(written.picture) : null,
    sound: posed ? written.sound : null,
    video: posed ? written.video : null,
    readAloud: posed && written.readAloud ? { language: written.language } : null,
    control: opened ? kind.control(written.answer) : null,
    options: opened ? kind.options(written.answer, question.order) : null,
    ruledOut: ruledOut(state, question),
    clock: question.clock,
    limit: question.limit,
    lockedBy: question.lockedBy,
    tries: tries.map((team) =>
      tryView(
        state,
        question,
        team,
        question.responses.find((response) => response.team === team),
      ),
    ),
    key: question.keyShown
      ? {
          ...kind.key(written.answer, question.order),
          explanation: written.explanation,
          onRight: written.onRight,
          onWrong: written.onWrong,
          credit: written.credit,
          picture: pictureView(written.answerPicture),
        }
      : null,
    result: question.step === 'settled' ? resultOf(state, question) : null,
  };
}

function resultOf(state: SittingState, question: QuestionInPlay): { team: string; amount: number }[] {
  return state.ledger
    .filter((entry) => entry.cause.by === 'ruling' && entry.cause.ref === question.ref)
    .map(({ team, amount }) => ({ team, amount }));
}

export function publicView(state: SittingState): PublicView {
  return {
    seq: state.seq,
    phase: state.phase,
    title: state.show.title,
    roundTitle: state.show.rounds[state.round?.index ?? 0]?.title ?? '',
    code: state.code,
    teams: teamViews(state),
    turn: state.turn,
    standings: state.standings,
    board: state.round ? (formatOf(state.round.format).view(state.round.state) as BoardView) : null,
    question: state.question ? publicQuestion(state, state.question) : null,
  };
}
