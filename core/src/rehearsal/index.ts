/** A show played by stand-ins, and the tally that counts it anew on paper. */
export type { Move, Rehearsal } from './move.ts';
export { type PacedClock, atRate, pacedClock, virtualAt } from './pacedClock.ts';
export { playThrough, receiptOf } from './playThrough.ts';
export { isMeant, movesAfter, rehearse } from './rehearsal.ts';
export { Room, type StandIn, connections, skills, speeds, usualRoom } from './room.ts';
export { Schedule } from './schedule.ts';
export { isGone } from './standInMoves.ts';
export { type Tally, tally } from './tally.ts';
export { type TimeLost, stages, timeLost } from './timeLost.ts';
export { type RehearsalTold, RehearsalWish } from './wish.ts';
export { guess } from './guess.ts';
