import { ALLOWANCE, isRunning } from '../clock.ts';
import type { SeatCommand } from '../command.ts';
import type { Draft } from '../events.ts';
import { isRefusal, refuse, type Refusal } from '../refusal.ts';
import { responseOf, teamOf, type QuestionInPlay, type SittingState } from '../state.ts';
import type { Context } from './context.ts';
import { kindInPlay, lock, writtenQuestion } from './steps.ts';

const noAnswer: Record<string, string> & { one: string } = {
  one: 'That is no answer to this question.',
  number: 'Type a number, with the unit or without.',
  order: 'Put all of them in order first.',
};

/** Slots that a team was ruled wrong on and that nobody can pick again. */
export function ruledOut(state: SittingState, question: QuestionInPlay): number[] {
  const kind = kindInPlay(state, question);
  const content = writtenQuestion(state, question).answer;
  if (!kind.keyed || kind.control(content).type !== 'one') return [];
  return question.responses
    .filter(
      (response) => response.answer && response.verdict === 'wrong' && question.tried.includes(response.team),
    )
    .flatMap((response) => kind.show(content, question.order, response.answer!).slots);
}

/** Takes the answer of a seat: one a team, the first one locks it. */
export function answer(
  state: SittingState,
  command: SeatCommand,
  { now, actor }: Context,
): Draft[] | Refusal {
  const seat = state.seats.get(actor.id);
  if (!seat || seat.removed) return refuse('notYours', 'You are not in this show any more.');
  const question = state.question;
  if (!question || question.ref !== command.question || question.step !== 'open')
    return refuse('late', 'Answers are closed.');
  if (isRunning(question.clock) && now > question.clock.deadline + ALLOWANCE)
    return refuse('late', 'Time is up: this answer came too late.');
  if (seat.team !== question.floor)
    return refuse(
      'notYours',
      `This question is with ${teamOf(state, question.floor)?.name ?? 'another team'}.`,
    );
  const given = responseOf(question, seat.team);
  if (given) {
    const by = given.seat === null ? 'the host' : (state.seats.get(given.seat)?.name ?? 'your team');
    return refuse('already', `Your team has answered: ${by} was first.`);
  }
  const kind = kindInPlay(state, question);
  if (kind.given !== 'handset') return refuse('notNow', 'This one is not answered on a handset.');
  const content = writtenQuestion(state, question).answer;
  const read = kind.read(content, question.order, command.answer);
  if (!read) return refuse('invalid', noAnswer[kind.control(content).type] ?? noAnswer.one);
  const out = ruledOut(state, question);
  if (out.length > 0 && kind.show(content, question.order, read).slots.some((slot) => out.includes(slot)))
    return refuse('used', 'That option has been tried: choose another.');
  const answered = { type: 'answered', seat: seat.id, team: seat.team, answer: read } as const;
  const locked = lock(state, 'all', answered);
  return isRefusal(locked) ? [answered] : [answered, ...locked];
}
