import type { Advice, QuestionInPlay, SittingState } from '../state.ts';
import { whoIsAsked } from './asking.ts';

/** Whether somebody – a seat or a team – is asked what they would answer to a question of somebody else. */
export const mayAdvise = (
  question: QuestionInPlay,
  advice: Advice,
  { who, team }: { who: string; team: string },
): boolean => (advice.from === null ? team !== question.floor : advice.from === who || advice.from === team);

/** Those who are asked. */
export const advisers = (state: SittingState, question: QuestionInPlay, advice: Advice) =>
  whoIsAsked(state).filter((one) => mayAdvise(question, advice, one));
