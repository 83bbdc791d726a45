import type { Table, TableQuestion } from '../../formats/format.ts';
import { adviceOn, type QuestionInPlay, type SittingState } from '../state.ts';
import { isRoundOver, whoIsAsked } from './asking.ts';
import { boostsOf } from './boosts.ts';
import { rulesOf, writtenQuestion } from './inPlay.ts';

/** What a format may look at while it decides. */
export const tableOf = (state: SittingState, now = 0): Table => ({
  teams: state.teams.map((team) => team.id),
  turn: state.turn,
  busy: state.question !== null,
  over: isRoundOver(state),
  question: state.question && questionOf(state, state.question),
  people: () => whoIsAsked(state),
  boosts: state.round ? boostsOf(rulesOf(state)).map(({ boost }) => boost) : [],
  handsets: state.show.devices.mode !== 'none',
  now,
});

const questionOf = (state: SittingState, question: QuestionInPlay): TableQuestion => ({
  written: writtenQuestion(state, question),
  order: question.order,
  isOpen: question.step === 'open',
  removed: question.removed,
  clock: question.clock,
  advising: adviceOn(question) !== null,
});
