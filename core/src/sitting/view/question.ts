import type { FormatName } from '../../formats/index.ts';
import { pictureView, withoutThanks, type PictureView, type Sound, type Video } from '../../media/media.ts';
import type { AnswerView, Control, KeyView, OptionView, Verdict } from '../../question/kind.ts';
import type { KindName } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import type { RoundRules } from '../../formats/rules.ts';
import { wholePercentages } from '../../rank/percentages.ts';
import type { Clock } from '../../time/clock.ts';
import type { Floor } from '../events.ts';
import { ruledOut } from '../read/answering.ts';
import { areLaid, kindInPlay, placeOf, rulesFor, writtenQuestion } from '../read/inPlay.ts';
import { paidFor } from '../read/points.ts';
import { pollingOf } from '../read/polling.ts';
import { pollView, saidTo, type PollView } from './poll.ts';
import {
  teamOf,
  type Advice,
  type QuestionInPlay,
  type Response,
  type SittingState,
  type Step,
} from '../state.ts';
import { advisers } from '../read/advisers.ts';

/** A try at the question in play, as far as everybody may know it. */
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
  /** The number under which it is in play. */
  play: number;
  format: FormatName;
  ref: string;
  label: string;
  /** Which question of how many, where they come one after the other. */
  number: number | null;
  of: number | null;
  points: number;
  /** What a wrong answer costs, where the format says it. */
  loss: number | null;
  step: Step;
  mode: Floor;
  /** The team that may answer; null where everyone may, or may buzz. */
  floor: string | null;
  kind: KindName;
  /** Whether an answer can be right or wrong at all, and bring points. */
  keyed: boolean;
  /** `null` until it is posed. */
  prompt: string | null;
  /** To be seen and heard with the prompt. */
  picture: PictureView | null;
  sound: Sound | null;
  video: Video | null;
  /** In which language it is written: BCP 47, or empty for that of the page. */
  language: string;
  /** Told for reading aloud, where the author wants it offered. */
  readAloud: { language: string } | null;
  /** `null` until the answers are open; options may come with the prompt. */
  control: Control | null;
  options: OptionView[] | null;
  ruledOut: number[];
  clock: Clock | null;
  limit: number | null;
  lockedBy: QuestionInPlay['lockedBy'];
  /** Who pressed first, with how sure that is. */
  buzz: QuestionInPlay['buzz'];
  tried: string[];
  tries: TryView[];
  /** How many answered, once it is locked, and how many of them chose each option, once that is shown. */
  answers: number | null;
  picks: { count: number; percent: number }[] | null;
  /** What came out of a question without a key, once it is shown; null for all others. */
  poll: PollView | null;
  /** The one response that is put on the stage. */
  onStage: { team: string; player: string; answer: AnswerView } | null;
  key:
    | (KeyView &
        Pick<Question, 'explanation' | 'onRight' | 'onWrong' | 'credit'> & { picture: PictureView | null })
    | null;
  /** Boosts that were used on it. */
  boosts: QuestionInPlay['boosts'];
  /** What others were asked about it: how many have spoken, and what they said once that is over. */
  advice: AdviceView[];
  /** Points that the question brought, once it is settled. */
  result: { team: string; amount: number }[] | null;
}

export interface AdviceView {
  of: Advice['of'];
  /** Who alone was asked, by name; empty where it was everybody else. */
  from: string;
  clock: Clock | null;
  limit: number | null;
  over: boolean;
  said: number;
  among: number;
  /** What the room thinks, in the order of the stage: whole percentages that add up to 100. */
  percents: number[] | null;
  /** What the one who was asked would answer. */
  pick: AnswerView | null;
}

function adviceView(state: SittingState, question: QuestionInPlay, advice: Advice): AdviceView {
  const { of, from, clock, limit, over, said } = advice;
  const { answer: content } = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  const shown = [...said.values()].map(({ answer }) => kind.show(content, question.order, answer));
  const counts = question.order.map(
    (_, slot) => advice.counts?.[slot] ?? shown.filter(({ slots }) => slots.includes(slot)).length,
  );
  return {
    of,
    from: from === null ? '' : (state.seats.get(from)?.name ?? teamOf(state, from)?.name ?? ''),
    clock,
    limit,
    over,
    said: said.size,
    among: advisers(state, question, advice).length,
    percents: of === 'room' && over && counts.some((n) => n > 0) ? wholePercentages(counts) : null,
    pick: of === 'voice' && over ? (shown[0] ?? null) : null,
  };
}

/** Above so many answers they are told as numbers, not one by one. */
export const TOLD_SINGLY = 60;

function tryView(state: SittingState, question: QuestionInPlay, team: string, response?: Response): TryView {
  const shown = response?.shown && !response.held && response.answer;
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

/** How often each option was chosen, once answers are shown. */
function picksOf(state: SittingState, question: QuestionInPlay): PublicQuestion['picks'] {
  const content = writtenQuestion(state, question).answer;
  const kind = kindInPlay(state, question);
  const { type } = kind.control(content);
  if (type !== 'one' && type !== 'many') return null;
  const counts = question.order.map(() => 0);
  let shown = 0;
  for (const { answer, shown: isShown } of question.responses) {
    if (!answer || !isShown) continue;
    shown++;
    for (const slot of kind.show(content, question.order, answer).slots)
      counts[slot] = (counts[slot] ?? 0) + 1;
  }
  if (shown === 0) return null;
  // Where one may choose several, each share is of those who answered.
  const percents =
    type === 'one'
      ? wholePercentages(counts)
      : counts.map((count) => Math.floor((count / shown) * 100 + 0.5));
  return counts.map((count, slot) => ({ count, percent: percents[slot]! }));
}

const isGood = (verdict: TryView['verdict']): boolean => verdict === 'right' || verdict === 'part';

function triesOf(state: SittingState, question: QuestionInPlay): TryView[] {
  // Who is answering right now stays with the host until the lock.
  const open = question.step === 'open';
  if (question.mode === 'everyone' && (open || question.responses.length > TOLD_SINGLY)) return [];
  const withTry: { team: string; response?: Response }[] = question.tried.map((team) => {
    const response = question.byWho.get(team) ?? question.responses.find((one) => one.team === team);
    return response ? { team, response } : { team };
  });
  for (const response of question.responses)
    if (!question.tried.includes(response.team)) withTry.push({ team: response.team, response });
  const { named } = rulesFor(state, question);
  return withTry
    .filter(({ team }) => !open || question.tried.includes(team))
    .map(({ team, response }) => tryView(state, question, team, response))
    .filter(
      ({ verdict }) =>
        question.mode !== 'everyone' || named === 'all' || (named === 'right' && isGood(verdict)),
    );
}

function onStageOf(state: SittingState, question: QuestionInPlay): PublicQuestion['onStage'] {
  const response = question.onStage === null ? undefined : question.byWho.get(question.onStage);
  if (!response?.answer || response.held) return null;
  const content = writtenQuestion(state, question).answer;
  return {
    team: response.team,
    player: response.seat === null ? '' : (state.seats.get(response.seat)?.name ?? ''),
    answer: kindInPlay(state, question).show(content, question.order, response.answer),
  };
}

/** Whether it is told to everybody what a question brought somebody. */
const isTold = (named: RoundRules['named'], mode: Floor, amount: number): boolean =>
  mode !== 'everyone' || named === 'all' || (named === 'right' && amount > 0);

export function publicQuestion(state: SittingState, question: QuestionInPlay): PublicQuestion {
  const written = writtenQuestion(state, question);
  const kind = kindInPlay(state, question);
  const rules = rulesFor(state, question);
  const posed = question.step !== 'picked';
  const laid = areLaid(state, question);
  const thanked = <T extends { credit: string; licence: string }>(thing: T | null) =>
    question.keyShown ? thing : withoutThanks(thing);
  const secretClock = rules.clockFor === 'host';
  return {
    play: question.play,
    format: state.begun[question.begun]!.format,
    ref: question.ref,
    ...placeOf(state, question),
    points: question.points,
    loss: question.loss,
    step: question.step,
    mode: question.mode,
    floor: question.floor,
    kind: written.answer.kind,
    keyed: kind.keyed,
    prompt: posed ? written.prompt : null,
    picture: posed ? thanked(pictureView(written.picture)) : null,
    sound: posed ? thanked(written.sound) : null,
    video: posed ? thanked(written.video) : null,
    language: written.language,
    readAloud: posed && written.readAloud ? { language: written.language } : null,
    control: laid ? kind.control(written.answer) : null,
    options: laid
      ? kind
          .options(written.answer, question.order)
          .map((option) => ({ ...option, picture: thanked(option.picture) }))
      : null,
    ruledOut: ruledOut(state, question),
    clock: secretClock ? null : question.clock,
    limit: secretClock ? null : question.limit,
    lockedBy: question.lockedBy,
    buzz: question.buzz,
    tried: question.tried,
    tries: question.to === null ? triesOf(state, question) : [],
    answers: question.step === 'open' ? null : saidTo(question),
    // What came out of a survey is told by its own rules.
    picks: question.to === null && pollingOf(state, question) === null ? picksOf(state, question) : null,
    poll: pollView(state, question),
    onStage: onStageOf(state, question),
    key: question.keyShown
      ? {
          ...kind.key(written.answer, question.order),
          explanation: written.explanation,
          onRight: written.onRight || rules.onRight,
          onWrong: written.onWrong || rules.onWrong,
          credit: written.credit,
          picture: pictureView(written.answerPicture),
        }
      : null,
    boosts: question.boosts,
    advice: question.advice.map((one) => adviceView(state, question, one)),
    result:
      question.step === 'settled'
        ? [...paidFor(state, question.play)]
            .map(([team, amount]) => ({ team, amount }))
            .filter(({ amount }) => isTold(rules.named, question.mode, amount))
        : null,
  };
}
