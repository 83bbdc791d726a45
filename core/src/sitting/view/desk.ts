import type { BoostName } from '../../formats/boosts.ts';
import { aloneIn } from '../read/alone.ts';
import { formatOf } from '../../formats/index.ts';
import { questionForHost, type QuestionForHost } from '../../question/forHost.ts';
import type { AnswerView, Verdict } from '../../question/kind.ts';
import type { Outcome } from '../../question/outcome/outcome.ts';
import { foldText } from '../../text/fold.ts';
import type { FormatName } from '../../formats/index.ts';
import type { Clock } from '../../time/clock.ts';
import { mayBeEntered } from '../read/answering.ts';
import { comingQuestion } from '../read/coming.ts';
import type { Draft } from '../events.ts';
import { soundButtons, type SoundButton } from '../../show/sound/sounds.ts';
import { kindInPlay, rulesFor, rulesOf, writtenQuestion } from '../read/inPlay.ts';
import { nextStep, type NextStep } from '../read/nextStep.ts';
import { boostsOf } from '../read/boosts.ts';
import { countsIn } from '../read/counting.ts';
import { wonBy, worthTo } from '../read/points.ts';
import { playing } from '../read/roundCount.ts';
import { areTooFew, isAnonymous, pollingOf, voters } from '../read/polling.ts';
import { memberwise, type Press, type QuestionInPlay, type Response, type SittingState } from '../state.ts';
import { timingOf, type Timing } from '../read/timing.ts';
import { handOnTo } from '../read/turns.ts';
import { aloneView, type AloneView } from './alone.ts';
import { heldView } from './boosts.ts';
import { liveView, type LiveView } from './live.ts';
import { isPoll, outcomeIn } from './poll.ts';
import { publicView, type PublicView } from './public.ts';

export interface DeskResponse {
  /** By which it is ruled on: the seat where members answer for themselves, else the team. */
  who: string;
  team: string;
  /** Null when it was said aloud. */
  player: string | null;
  answer: AnswerView | null;
  after: number | null;
  verdict: Verdict | null;
  share: number;
  by: 'key' | 'host' | null;
  /** Held back for its words, until it is let through. */
  held: boolean;
  /** The question that it answers, where that was asked of them alone. */
  play: number | null;
}

export interface DeskQuestion extends QuestionForHost {
  responses: DeskResponse[];
  /** The teams for which the host may enter an answer. */
  mayEnter: string[];
  /** How many have answered, of how many that are waited for, and who is missing: the first of them. */
  awaited: { answered: number; of: number; missing: string[] };
  /** What each team with an answer gets or loses as things stand. */
  worth: Record<string, number>;
  /** The team that gets it next if it is handed on, or anybody by buzz. */
  handOnTo: { team: string } | 'buzz' | null;
  /** The clock, also where only the host may see it. */
  clock: Clock | null;
  limit: number | null;
  presses: Press[];
  /** Teams that pressed before the buzzers were open. */
  early: string[];
  onStage: string | null;
  /** What came out of a question without a key so far, the hands that were counted, and one who wrote each slip. */
  poll: { outcome: Outcome | null; hands: number[] | null; writers: Record<string, string> } | null;
}

/** A part of the running order, for the host. */
export interface RoundLine {
  format: FormatName;
  title: string;
  /** What an interlude is; null for a round. */
  what: string | null;
  /** How often it was begun. */
  begun: number;
}

/** Everything: for the host alone. */
export interface DeskView extends PublicView {
  private: {
    /** Whether the stage is silent; null where the show has no sounds. */
    muted: boolean | null;
    /** The sounds that the host has at hand; null where the show has none. */
    sounds: SoundButton[] | null;
    /** Whether the host lets people show the stage what they feel. */
    reactions: boolean;
    /** Boosts that teams have, and those that there are in the round. */
    boosts: { held: Record<string, BoostName[]>; here: BoostName[] };
    /** `asked` is the name that somebody wanted, while it is held back. */
    seats: { id: string; name: string; team: string; asked: string | null }[];
    question: DeskQuestion | null;
    next: NextStep;
    rounds: RoundLine[];
    timing: Timing;
    /** The steps that can be taken back, the last one first. */
    steps: { seq: number; type: Draft['type'] }[];
    /** Whether the round that runs by itself is held; null where none does. */
    paceHeld: boolean | null;
    /** The step that would be taken back, and the one that would be had again. */
    takeBack: Draft['type'] | null;
    forward: Draft['type'] | null;
    /** The question that comes next by itself, for the host to read beforehand. */
    coming: QuestionForHost | null;
    turnsTaken: Record<string, number>;
    penalty: 'none' | 'part' | 'full';
    /** Whether members of a team answer each for themselves. */
    memberwise: boolean;
    /** Those who are asked each alone; null where nobody is. */
    alone: AloneView | null;
    live: LiveView | null;
  };
}

/** Steps that are offered to be taken back at once. */
const STEPS = 30;

export function responsesOf(
  state: SittingState,
  question: QuestionInPlay,
  order: readonly number[],
): DeskResponse[] {
  const { answer } = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  return readable(state, question).map((response) => ({
    who: response.who,
    team: response.team,
    player: response.seat === null ? null : (state.seats.get(response.seat)?.name ?? ''),
    answer: response.answer && kind.show(answer, order, response.answer),
    after: response.team === '' ? null : response.after,
    verdict: response.verdict,
    share: response.share,
    by: response.by,
    held: response.held,
    play: question.to === null ? null : question.play,
  }));
}

/** Of answers without names the host reads only those that are held back for their words, once all are in. */
function readable(state: SittingState, question: QuestionInPlay): Response[] {
  if (!isAnonymous(state, question)) return question.responses;
  const mayLook = question.step !== 'open' && !areTooFew(state, question, question.responses.length);
  return mayLook ? question.responses.filter(({ held }) => held) : [];
}

/** Somebody who wrote each of the slips, so that it can be shown. */
function writersOf({ responses }: QuestionInPlay): Record<string, string> {
  const writers: Record<string, string> = {};
  for (const { who, answer, held } of responses)
    if (typeof answer?.text === 'string' && !held) writers[foldText(answer.text)] ??= who;
  return writers;
}

function deskPoll(state: SittingState, question: QuestionInPlay): DeskQuestion['poll'] {
  if (!isPoll(state, question)) return null;
  // While answers without names come in the host could see who taps: the bars stand still until the lock.
  const polling = pollingOf(state, question);
  const hidden = polling?.anonymous && polling.shown !== 'live' && question.step === 'open';
  const outcome = question.openedAt === null || hidden ? null : outcomeIn(state, question);
  const isWords = outcome?.type === 'words';
  return { outcome, hands: question.hands, writers: isWords ? writersOf(question) : {} };
}

/** So many of those who have not answered are named at the desk. */
const MISSING = 60;

/** Whoever may still answer or has answered, each as it answers: a seat or a team. */
function awaited(state: SittingState, question: QuestionInPlay): DeskQuestion['awaited'] {
  if (isAnonymous(state, question))
    return { answered: question.responses.length, of: voters(state), missing: [] };
  const { mode } = state.show.devices;
  const { begun } = question;
  const counts = (team: string) => countsIn(state.begun[begun], team);
  const onFloor = (team: string) => question.mode === 'everyone' || team === question.floor;
  const people =
    mode === 'each' && question.mode === 'everyone'
      ? [...state.seats.values()].filter((seat) => !seat.removed && seat.team !== '')
      : playing(state).map(({ id }) => ({ id, team: id }));
  const due = people.filter(({ team }) => onFloor(team) && counts(team));
  const missing = due.filter(({ id }) => !question.byWho.has(id));
  return {
    answered: due.length - missing.length,
    of: due.length,
    missing: missing.slice(0, MISSING).map(({ id }) => id),
  };
}

function deskQuestion(state: SittingState, question: QuestionInPlay): DeskQuestion {
  const written = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  // Before it is posed the options have no order on the stage yet: the author's serves the host.
  const order = question.step === 'picked' ? kind.asWritten(written.answer) : question.order;
  const over = question.keyShown || wonBy(state, question) !== null || kind.given === 'nowhere';
  const teams = [...new Set(question.responses.map((one) => one.team))];
  return {
    ...questionForHost(written, order),
    responses: responsesOf(state, question, order),
    mayEnter: mayBeEntered(state),
    awaited: awaited(state, question),
    worth: Object.fromEntries(teams.map((team) => [team, worthTo(state, question, team)?.amount ?? 0])),
    handOnTo: over || question.floor === null ? null : handOnTo(state, question),
    clock: question.clock,
    limit: question.limit,
    presses: question.presses,
    early: question.early,
    onStage: question.onStage,
    poll: deskPoll(state, question),
  };
}

export function deskView(state: SittingState): DeskView {
  const coming = comingQuestion(state);
  return {
    ...publicView(state),
    private: {
      muted: state.show.sounds?.off ? null : state.muted,
      sounds: soundButtons(state.show.sounds),
      reactions: state.reactions,
      boosts: {
        held: heldView(state),
        here: state.round ? boostsOf(rulesOf(state)).map(({ boost }) => boost) : [],
      },
      seats: [...state.seats.values()]
        .filter((seat) => !seat.removed)
        .map(({ id, name, team, asked }) => ({ id, name, team, asked })),
      question: state.question ? deskQuestion(state, state.question) : null,
      next: nextStep(state),
      rounds: state.show.rounds.map(({ format, title, content }, index) => ({
        format,
        title,
        what: formatOf(format).sort(content),
        begun: state.begun.filter((one) => one.index === index).length,
      })),
      timing: timingOf(state),
      steps: state.steps
        .slice(-STEPS)
        .reverse()
        .map(({ seq, type }) => ({ seq, type })),
      paceHeld: state.phase === 'round' && rulesOf(state).pace !== null ? state.held : null,
      takeBack: state.steps.at(-1)?.type ?? null,
      forward: state.forward.at(-1)?.type ?? null,
      coming: coming && questionForHost(coming),
      turnsTaken:
        state.round && (!formatOf(state.round.format).inTurns || aloneIn(state) !== null)
          ? {}
          : Object.fromEntries(state.turnsTaken),
      penalty: state.question
        ? rulesFor(state, state.question).penalty
        : state.round
          ? rulesOf(state).penalty
          : 'none',
      memberwise: state.question !== null && memberwise(state, state.question),
      alone: aloneView(state),
      live: liveView(state),
    },
  };
}
