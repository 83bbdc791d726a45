import type { Polling } from '../../formats/format.ts';
import { askedAs } from '../../question/askedAs.ts';
import { outcomeOf, type Outcome } from '../../question/outcome/outcome.ts';
import { kindInPlay, writtenQuestion } from '../read/inPlay.ts';
import { areTooFew, pollingOf, voters } from '../read/polling.ts';
import { playing } from '../read/roundCount.ts';
import type { QuestionInPlay, SittingState } from '../state.ts';

/** An earlier run of the same question: in a round of this show, or at another time (ms). */
export interface EarlierRun {
  round: string | null;
  at: number | null;
  outcome: Outcome;
}

/** What many answered to a question without a key, as far as everybody may know it. */
export interface PollView {
  anonymous: boolean;
  shown: Polling['shown'];
  /** How many answered, once that is told, and of how many; null where nobody can say. */
  said: number;
  of: number | null;
  /** Too few answered a question without names: nothing but their number is shown. */
  few: boolean;
  outcome: Outcome | null;
  before: EarlierRun | null;
}

const USUAL: Polling = { anonymous: false, shown: 'after', compare: 'nothing' };

/** So many slips of a group, and of those in none, are shown to everybody. */
const QUOTES = 2;
const LOOSE = 8;

/** Of own words only some are shown to everybody: the most frequent. */
const forEverybody = (outcome: Outcome | null): Outcome | null =>
  outcome?.type === 'words'
    ? {
        ...outcome,
        groups: outcome.groups.map((one) => ({ ...one, slips: one.slips.slice(0, QUOTES) })),
        loose: outcome.loose.slice(0, LOOSE),
      }
    : outcome;

/** How many answered: handed in one by one, or counted by their hands. */
export const saidTo = ({ hands, responses }: QuestionInPlay): number =>
  hands ? hands.reduce((sum, count) => sum + count, 0) : responses.filter(({ answer }) => answer).length;

/** Of how many: phones, or tables with one; null where nobody has any. */
function askedOf(state: SittingState, { anonymous }: Polling): number | null {
  const { mode } = state.show.devices;
  if (mode === 'none') return null;
  return anonymous || mode === 'each' ? voters(state) : playing(state).length;
}

/** What came out of a question without a key so far; held words are in it nowhere. Null where too few spoke, or none may. */
export function outcomeIn(state: SittingState, question: QuestionInPlay): Outcome | null {
  if (areTooFew(state, question, saidTo(question))) return null;
  const { answer } = writtenQuestion(state, question);
  const answers = question.responses.flatMap((one) => (one.answer && !one.held ? [one.answer] : []));
  // Hands are counted by the places on the stage, answers by those as written.
  const { hands, order, groups } = question;
  const asWritten = hands && order.map((_, i) => hands[order.indexOf(i)] ?? 0);
  return outcomeOf(answer, answers, { hands: asWritten, groups });
}

/** The same question in an earlier round of this show, or the last time that the show was played. */
function earlierRun(
  state: SittingState,
  question: QuestionInPlay,
  compare: Polling['compare'],
): EarlierRun | null {
  if (compare === 'nothing') return null;
  const asked = askedAs(writtenQuestion(state, question));
  if (compare === 'lastTime') {
    const found = state.earlier.get(asked);
    return found ? { round: null, at: found.at, outcome: found.outcome } : null;
  }
  const before = state.played.findLast(
    (play) =>
      play.begun < question.begun &&
      pollingOf(state, play) !== null &&
      askedAs(writtenQuestion(state, play)) === asked,
  );
  const outcome = before ? outcomeIn(state, before) : null;
  const title = before ? (state.show.rounds[state.begun[before.begun]!.index]?.title ?? '') : '';
  return outcome && { round: title, at: null, outcome };
}

/** Whether a question has no key, so that what counts is what many said together. */
export function isPoll(state: SittingState, question: QuestionInPlay): boolean {
  const kind = kindInPlay(state, question);
  return !kind.keyed && kind.given === 'handset' && question.to === null;
}

/** Whether everybody has been shown what came out. */
const isShown = (question: QuestionInPlay, { shown }: Polling): boolean =>
  question.answersShown || (question.keyShown && shown !== 'desk');

/** What everybody may see of the answers to a question that has no key; null for all others. */
export function pollView(state: SittingState, question: QuestionInPlay): PollView | null {
  if (!isPoll(state, question)) return null;
  const polling = pollingOf(state, question) ?? USUAL;
  const told = isShown(question, polling);
  const said = question.step === 'open' || question.openedAt === null ? 0 : saidTo(question);
  return {
    anonymous: polling.anonymous,
    shown: polling.shown,
    said,
    of: askedOf(state, polling),
    few: areTooFew(state, question, said),
    outcome: told ? forEverybody(outcomeIn(state, question)) : null,
    before: told ? earlierRun(state, question, polling.compare) : null,
  };
}

/** What stage and desk see of a survey while answers come in. */
export interface SurveyLive {
  format: 'survey';
  said: number;
  of: number | null;
  outcome: Outcome | null;
}

/** With every answer where the round shows them so; the number of answers in any survey. Null where none is on. */
export function surveyLive(state: SittingState): SurveyLive | null {
  const { question } = state;
  const polling = question && pollingOf(state, question);
  if (!question || !polling || !isPoll(state, question)) return null;
  const outcome = polling.shown === 'live' ? forEverybody(outcomeIn(state, question)) : null;
  return { format: 'survey', said: saidTo(question), of: askedOf(state, polling), outcome };
}
