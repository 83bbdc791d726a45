import { verdictOf, type Verdict } from '../../question/kind.ts';
import { kindOf, type KindName, type StoredAnswer } from '../../question/kinds/index.ts';
import type { Question } from '../../question/question.ts';
import type { RoundRules } from '../../show/rules.ts';
import type { Clock } from '../clock.ts';
import type { Draft } from '../events.ts';
import { refuse, type Refusal } from '../refusal.ts';
import { responseOf, type QuestionInPlay, type SittingState, type Step } from '../state.ts';
import { handOnTo, nextInOrder } from '../turns.ts';
import type { Context } from './context.ts';

export const rulesOf = (state: SittingState): RoundRules => state.show.rounds[state.round?.index ?? 0]!.rules;

export const writtenQuestion = (state: SittingState, play: QuestionInPlay): Question =>
  state.show.questions[play.question]!;

export const kindInPlay = (state: SittingState, play: QuestionInPlay) =>
  kindOf(writtenQuestion(state, play).answer.kind as KindName);

const names: Record<Step, string> = {
  picked: 'chosen',
  posed: 'posed',
  open: 'open',
  locked: 'locked',
  answers: 'locked and its answers shown',
  key: 'locked and its key shown',
  settled: 'settled',
};

/** The question in play if it stands at one of `steps`; otherwise why not. */
export function at(
  state: SittingState,
  ...steps: Step[]
): { question: QuestionInPlay; no: null } | { question: null; no: Refusal } {
  const question = state.question;
  if (!question) return { question: null, no: refuse('notNow', 'No question is in play.') };
  if (!steps.includes(question.step))
    return { question: null, no: refuse('already', `The question is ${names[question.step]}.`) };
  return { question, no: null };
}

function startClock(state: SittingState, question: QuestionInPlay, now: number): Draft {
  const seconds = writtenQuestion(state, question).clock ?? rulesOf(state).clock;
  const limit = seconds === null ? null : seconds * 1000;
  const clock: Clock | null = limit === null ? null : { deadline: now + limit };
  return { type: 'opened', clock, limit };
}

export function pose(state: SittingState, { random }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'picked');
  if (no) return no;
  const content = writtenQuestion(state, question).answer;
  const order = kindOf(content.kind).layOut(content, random, rulesOf(state).shuffleOptions);
  return [{ type: 'posed', order }];
}

export function open(state: SittingState, { now }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'posed');
  if (no) return no;
  if (kindInPlay(state, question).given === 'nowhere')
    return refuse('notNow', 'This is an information card: there is nothing to answer.');
  return [startClock(state, question, now)];
}

/** What the key says of an answer of the team on the floor; nothing where only the host can say. */
function marked(state: SittingState, question: QuestionInPlay, answer: StoredAnswer): Draft[] {
  const content = writtenQuestion(state, question).answer;
  const share = kindOf(content.kind).mark(content, answer, [answer]);
  if (share === null) return [];
  const verdict = verdictOf(share);
  const ruled = { type: 'ruled', team: question.floor, verdict, by: 'key' } as const;
  return [verdict === 'part' ? { ...ruled, share } : ruled];
}

/** The response that brings points, if any: right, or right in part. */
export const wonBy = (question: QuestionInPlay) => question.responses.find((response) => response.share > 0);

/** Points for a share of the value, rounded half up. */
export const pointsFor = (points: number, share: number): number => Math.floor(points * share + 0.5);

/** Locks the question and marks by the key what can be marked. */
export function lock(
  state: SittingState,
  why: 'host' | 'all' | 'time',
  extra?: Draft & { type: 'answered' },
) {
  const { question, no } = at(state, 'open');
  if (no) return no;
  const drafts: Draft[] = [{ type: 'locked', why }];
  const answer = extra?.answer ?? responseOf(question, question.floor)?.answer;
  return answer ? [...drafts, ...marked(state, question, answer)] : drafts;
}

export function showAnswers(state: SittingState): Draft[] | Refusal {
  const { no } = at(state, 'locked');
  return no ?? [{ type: 'answersShown' }];
}

export function showKey(state: SittingState): Draft[] | Refusal {
  if (state.question?.step === 'open')
    return refuse('notNow', 'Answers are open: lock them before the key is shown.');
  const { question, no } = at(state, 'locked', 'answers', 'settled');
  if (no) return no;
  return question.keyShown ? refuse('already', 'The key is shown.') : [{ type: 'keyShown' }];
}

/** What a wrong answer costs the team that had the floor; nothing for no answer. */
function penaltyFor(state: SittingState, question: QuestionInPlay): Draft[] {
  const wrong = responseOf(question, question.floor)?.verdict === 'wrong';
  if (!wrong || rulesOf(state).penalty === 'none' || question.points === 0) return [];
  const cause = { by: 'ruling', question: question.question, ref: question.ref, verdict: 'wrong' } as const;
  return [{ type: 'scored', team: question.floor, amount: -question.points, cause }];
}

export function handOn(state: SittingState, { now }: Context): Draft[] | Refusal {
  if (state.question?.keyShown)
    return refuse('notNow', 'The key has been shown, so nobody else can have the question.');
  const { question, no } = at(state, 'posed', 'open', 'locked', 'answers');
  if (no) return no;
  const kind = kindInPlay(state, question);
  if (kind.given === 'nowhere') return refuse('notNow', 'There is nothing to answer here.');
  if (wonBy(question)) return refuse('notNow', 'There is a right answer already.');
  if (question.step === 'open' && responseOf(question, question.floor))
    return refuse('notNow', 'The team has answered: lock it first.');
  const team = handOnTo(state, question);
  if (!team) return refuse('notNow', 'Every team has had this question.');
  const drafts: Draft[] = [...penaltyFor(state, question), { type: 'handedOn', team }];
  return question.step === 'posed' ? drafts : [...drafts, startClock(state, question, now)];
}

/** Rules on a team's answer; what was said aloud to an open question locks it. */
export function rule(state: SittingState, team: string, verdict: Verdict, share = 0.5): Draft[] | Refusal {
  const { question, no } = at(state, 'posed', 'open', 'locked', 'answers', 'key');
  if (no) return no;
  if (!state.show.teams.some((one) => one.id === team)) return refuse('notThere', 'There is no such team.');
  if (!kindInPlay(state, question).keyed)
    return refuse('notNow', 'This one has no right answer. Points can be given by hand, with a reason.');
  if (question.tried.includes(team))
    return refuse('notNow', 'That team was handed past. Take back the step, or change its points by hand.');
  if (team !== question.floor && verdict === 'wrong' && !responseOf(question, team))
    return refuse('notNow', 'That team does not have the floor. Take points away by hand, with a reason.');
  const before = responseOf(question, team);
  if (before?.verdict === verdict && (verdict !== 'part' || before.share === share))
    return refuse('already', verdict === 'part' ? 'It is ruled so.' : `It is ruled ${verdict}.`);
  if (verdict !== 'wrong' && question.responses.some((one) => one.share > 0 && one.team !== team))
    return refuse('notNow', 'Another team was right. Rule that one wrong first.');
  const ruled: Draft =
    verdict === 'part'
      ? { type: 'ruled', team, verdict, share, by: 'host' }
      : { type: 'ruled', team, verdict, by: 'host' };
  const live = question.step === 'posed' || question.step === 'open';
  return live ? [{ type: 'locked', why: 'host' }, ruled] : [ruled];
}

/** Writes the points into the ledger and closes the question. */
export function settle(state: SittingState): Draft[] | Refusal {
  const card = state.question && kindInPlay(state, state.question).given === 'nowhere';
  const { question, no } = at(state, 'locked', 'answers', 'key', ...(card ? (['posed'] as const) : []));
  if (no) return no;
  const won = wonBy(question);
  const drafts = penaltyFor(state, question);
  const amount = won ? pointsFor(question.points, won.share) : 0;
  if (won && amount !== 0) {
    const verdict = verdictOf(won.share);
    const cause = { by: 'ruling', question: question.question, ref: question.ref, verdict } as const;
    drafts.push({ type: 'scored', team: won.team, amount, cause });
  }
  return [...drafts, { type: 'settled', winner: won?.team ?? null }];
}

export function leave(state: SittingState): Draft[] | Refusal {
  const { no } = at(state, 'settled');
  return no ?? [{ type: 'left', turn: nextInOrder(state, state.turn) }];
}
