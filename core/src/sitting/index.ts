/** A show as it is played: commands in, events out, and what each surface sees. */
export { type Command, HostCommand, JoinRequest, SeatCommand, StageCommand } from './command.ts';
export { due } from './decide/clock.ts';
export { decide } from './decide/index.ts';
export { type Actor, type LoggedEvent, movesOn } from './events.ts';
export { openDoors } from './openDoors.ts';
export { type LastStep, TIME, overtaken } from './press.ts';
export { type NextStep, nextStep } from './read/nextStep.ts';
export { expectedEnd, measuredPace } from './read/timing.ts';
export { append, fold, newSitting, replay } from './sitting.ts';
export type { Sitting, SittingState } from './state.ts';
export { type Book, BookRequest, bookOf } from './view/book.ts';
export { clothOf } from './view/cloth.ts';
export { loopOf, shotOf } from './view/cue.ts';
export { type DeskResponse, type DeskView, deskView } from './view/desk.ts';
export { type PublicView, type TeamView, handsetView } from './view/public.ts';
export type { PublicQuestion } from './view/question.ts';
export { type SeatView, seatView } from './view/seat.ts';
export { type StageView, stageView } from './view/stage.ts';
