import { kindOf, type KindName } from '../../question/kinds/index.ts';
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
  const order = kindOf(content.kind).layOut(content, rulesOf(state).shuffleOptions ? random : null);
  return [{ type: 'posed', order }];
}

export function open(state: SittingState, { now }: Context): Draft[] | Refusal {
  const { question, no } = at(state, 'posed');
  return no ?? [startClock(state, question, now)];
}

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
  const content = writtenQuestion(state, question).answer;
  if (answer)
    drafts.push({
      type: 'ruled',
      team: question.floor,
      verdict: kindOf(content.kind).mark(content, answer),
      by: 'key',
    });
  return drafts;
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
  if (question.responses.some((response) => response.verdict === 'right'))
    return refuse('notNow', 'There is a right answer already.');
  if (question.step === 'open' && responseOf(question, question.floor))
    return refuse('notNow', 'The team has answered: lock it first.');
  const team = handOnTo(state, question);
  if (!team) return refuse('notNow', 'Every team has had this question.');
  const drafts: Draft[] = [...penaltyFor(state, question), { type: 'handedOn', team }];
  return question.step === 'posed' ? drafts : [...drafts, startClock(state, question, now)];
}

/** Rules on a team's answer; what was said aloud to an open question locks it. */
export function rule(state: SittingState, team: string, verdict: 'right' | 'wrong'): Draft[] | Refusal {
  const { question, no } = at(state, 'posed', 'open', 'locked', 'answers', 'key');
  if (no) return no;
  if (!state.show.teams.some((one) => one.id === team)) return refuse('notThere', 'There is no such team.');
  if (question.tried.includes(team))
    return refuse('notNow', 'That team was handed past. Take back the step, or change its points by hand.');
  if (team !== question.floor && verdict === 'wrong' && !responseOf(question, team))
    return refuse('notNow', 'That team does not have the floor. Take points away by hand, with a reason.');
  if (responseOf(question, team)?.verdict === verdict) return refuse('already', `It is ruled ${verdict}.`);
  const other = question.responses.find((response) => response.verdict === 'right' && response.team !== team);
  if (other && verdict === 'right')
    return refuse('notNow', 'Another team was right. Rule that one wrong first.');
  const ruled: Draft = { type: 'ruled', team, verdict, by: 'host' };
  const live = question.step === 'posed' || question.step === 'open';
  return live ? [{ type: 'locked', why: 'host' }, ruled] : [ruled];
}

/** Writes the points into the ledger and closes the question. */
export function settle(state: SittingState): Draft[] | Refusal {
  const { question, no } = at(state, 'locked', 'answers', 'key');
  if (no) return no;
  const winner = question.responses.find((response) => response.verdict === 'right')?.team ?? null;
  const drafts = penaltyFor(state, question);
  if (winner !== null && question.points !== 0) {
    const cause = { by: 'ruling', question: question.question, ref: question.ref, verdict: 'right' } as const;
    drafts.push({ type: 'scored', team: winner, amount: question.points, cause });
  }
  return [...drafts, { type: 'settled', winner }];
}

export function leave(state: SittingState): Draft[] | Refusal {
  const { no } = at(state, 'settled');
  return no ?? [{ type: 'left', turn: nextInOrder(state, state.turn) }];
}
