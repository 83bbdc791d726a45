import type { AnswerView } from '../../question/kind.ts';
import { kindInPlay, writtenQuestion } from '../decide/steps.ts';
import { responseOf, type SittingState } from '../state.ts';

/** What one handset gets beside the public view: who it is, and its team's answer. */
export interface SeatView {
  seat: string;
  name: string;
  team: string;
  removed: boolean;
  /** The answer of the own team to the question in play: what, and from whom first. */
  given: { answer: AnswerView | null; by: string; mine: boolean } | null;
}

export function seatView(state: SittingState, id: string): SeatView | null {
  const seat = state.seats.get(id);
  if (!seat) return null;
  const question = state.question;
  const response = question ? responseOf(question, seat.team) : undefined;
  let given: SeatView['given'] = null;
  if (question && response && response.seat !== null && !seat.removed) {
    const content = writtenQuestion(state, question).answer;
    given = {
      answer: response.answer && kindInPlay(state, question).show(content, question.order, response.answer),
      by: state.seats.get(response.seat)?.name ?? '',
      mine: response.seat === id,
    };
  }
  return { seat: id, name: seat.name, team: seat.team, removed: seat.removed, given };
}
